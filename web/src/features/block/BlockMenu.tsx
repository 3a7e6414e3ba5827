import { type BlockAnswer, type BlockFile, type PlannedDay, templateOf } from '@nadir/contract';
import { useNavigate } from 'react-router';
import { useAddBlockMutation, useAddTemplateMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { ActMenu } from '../../components/ActMenu.js';
import { downloadBlock, downloadWhole } from '../../components/download-block.js';
import { useSay } from '../../components/messages.js';
import { useRecord } from '../../components/record.js';
import { useEditor } from '../../editor/useEditor.js';
import * as wording from './wording.js';

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
    if (data) say({ text: wording.keptAsTemplate(data.name) });
    else if ('kind' in error) say({ text: errorSentence(error) });
  }

  return (
    <ActMenu
      label={wording.more}
      groups={[
        {
          acts: [
            { label: wording.history, run: () => void navigate(`/blocks/${block.id}/history`) },
            { label: wording.compare, run: () => void navigate(`/compare?first=${block.id}`) },
            { label: wording.duplicate, run: () => void duplicate() },
            { label: wording.keepAsTemplate, run: () => void keepTemplate() },
            {
              label: wording.nextGoalRace,
              run: () => void navigate(`/blocks/new?after=${block.id}`),
            },
            { label: wording.exportToAFile, run: () => downloadBlock(file) },
          ],
        },
        {
          title: wording.exportWithTheDiary,
          acts: [
            {
              label: wording.whatWasRun,
              run: () => downloadWhole(file, { entries, mornings, history, health: false }),
            },
            {
              label: wording.whatWasRunAndThe,
              run: () => downloadWhole(file, { entries, mornings, history, health: true }),
            },
          ],
        },
      ]}
    />
  );
}
