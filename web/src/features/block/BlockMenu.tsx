import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { type BlockAnswer, type BlockFile, templateOf } from '@nadir/contract';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { errorSentence, useAddBlockMutation, useAddTemplateMutation } from '../../api/api.js';
import { downloadBlock } from '../../components/download-block.js';

/** What a whole block can be used for: its history, a copy, a template, a file, a block after it. */
export function BlockMenu({
  block,
  file,
}: {
  block: Omit<BlockAnswer, 'wishes'>;
  file: BlockFile;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [said, setSaid] = useState('');
  const navigate = useNavigate();
  const [addBlock] = useAddBlockMutation();
  const [addTemplate] = useAddTemplateMutation();
  const then = (work: () => unknown) => () => {
    setAnchor(null);
    work();
  };

  async function duplicate() {
    const { data, error } = await addBlock({ athleteId: block.athleteId, wishes: file });
    if (data) await navigate(`/blocks/${data.id}`);
    else if ('kind' in error) setSaid(errorSentence(error));
  }

  async function keepTemplate() {
    const template = templateOf(file);
    const name = `${file.race.name}, ${template.weeks} weeks`;
    const { data, error } = await addTemplate({ name, template });
    if (data) setSaid(`Kept as template “${data.name}”.`);
    else if ('kind' in error) setSaid(errorSentence(error));
  }

  return (
    <>
      <Button
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={({ currentTarget }) => {
          setSaid('');
          setAnchor(currentTarget);
        }}
      >
        more
      </Button>
      <span role="status" style={{ fontSize: 12.5 }}>
        {said}
      </span>
      <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
        <MenuItem onClick={then(() => void navigate(`/blocks/${block.id}/history`))}>
          History
        </MenuItem>
        <MenuItem onClick={then(() => void duplicate())}>Duplicate</MenuItem>
        <MenuItem onClick={then(() => void keepTemplate())}>Keep as template</MenuItem>
        <MenuItem onClick={then(() => void navigate(`/blocks/new?after=${block.id}`))}>
          Next goal race
        </MenuItem>
        <MenuItem onClick={then(() => void navigate(`/compare?first=${block.id}`))}>
          Compare
        </MenuItem>
        <MenuItem onClick={then(() => downloadBlock(file))}>Export to a file</MenuItem>
      </Menu>
    </>
  );
}
