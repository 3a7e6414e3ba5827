import { type BlockAnswer, type BlockFile, type PlannedDay, templateOf } from '@nadir/contract';
import { useNavigate } from 'react-router';
import { errorSentence, useAddBlockMutation, useAddTemplateMutation } from '../../api/api.js';
import { ActMenu } from '../../components/ActMenu.js';
import { downloadBlock, downloadWhole } from '../../components/download-block.js';
import { useSay } from '../../components/messages.js';
import { useRecord } from '../../components/record.js';
import { useEditor } from '../../editor/useEditor.js';

const NONE: readonly PlannedDay[] = [];

/** What a whole block can be used for: its history, a copy, a template, a file, a block after it. */
export function BlockMenu({
  block,
  file,
}: {
  block: Omit<BlockAnswer, 'wishes'>;
  file: BlockFile;
}) {
  const say = useSay();
  const { entries, mornings } = useRecord();
  const history = useEditor((editor) => editor.block?.history) ?? NONE;
  const navigate = useNavigate();
  const [addBlock] = useAddBlockMutation();
  const [addTemplate] = useAddTemplateMutation();

  async function duplicate() {
    const { data, error } = await addBlock({ athleteId: block.athleteId, wishes: file });
    if (data) await navigate(`/blocks/${data.id}`);
    else if ('kind' in error) say({ text: errorSentence(error) });
  }

  async function keepTemplate() {
    const template = templateOf(file);
    const name = `${file.race.name}, ${template.weeks} weeks`;
    const { data, error } = await addTemplate({ name, template });
    if (data) say({ text: `Kept as template “${data.name}”.` });
    else if ('kind' in error) say({ text: errorSentence(error) });
  }

  return (
    <ActMenu
      label="More"
      groups={[
        {
          acts: [
            { label: 'History', run: () => void navigate(`/blocks/${block.id}/history`) },
            { label: 'Compare', run: () => void navigate(`/compare?first=${block.id}`) },
            { label: 'Duplicate', run: () => void duplicate() },
            { label: 'Keep as template', run: () => void keepTemplate() },
            { label: 'Next goal race', run: () => void navigate(`/blocks/new?after=${block.id}`) },
            { label: 'Export to a file', run: () => downloadBlock(file) },
          ],
        },
        {
          title: 'Export with the diary',
          acts: [
            {
              label: 'What was run',
              run: () => downloadWhole(file, { entries, mornings, history, health: false }),
            },
            {
              label: 'What was run, and the mornings (health)',
              run: () => downloadWhole(file, { entries, mornings, history, health: true }),
            },
          ],
        },
      ]}
    />
  );
}
