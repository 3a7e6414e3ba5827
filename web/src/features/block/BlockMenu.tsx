import { type BlockAnswer, type BlockFile, templateOf } from '@nadir/contract';
import { useNavigate } from 'react-router';
import { errorSentence, useAddBlockMutation, useAddTemplateMutation } from '../../api/api.js';
import { ActMenu } from '../../components/ActMenu.js';
import { downloadBlock } from '../../components/download-block.js';
import { useSay } from '../../components/messages.js';

/** What a whole block can be used for: its history, a copy, a template, a file, a block after it. */
export function BlockMenu({
  block,
  file,
}: {
  block: Omit<BlockAnswer, 'wishes'>;
  file: BlockFile;
}) {
  const say = useSay();
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
      ]}
    />
  );
}
