import Button from '@mui/material/Button';
import type { CheckedBlock } from '@nadir/core';
import { memo } from 'react';
import { useDispatch } from 'react-redux';
import { Link } from 'react-router';
import { tryStarted } from '../../editor/editor-slice.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import { activeFile } from '../../editor/useCommands.js';
import { useEditor } from '../../editor/useEditor.js';
import { BlockMenu } from './BlockMenu.js';
import * as wording from './wording.js';

/** The title block of the open block, and what can be done with the whole of it. */
export const BlockTitle = memo(function BlockTitle({ spec }: Pick<CheckedBlock, 'spec'>) {
  const dispatch = useDispatch();
  const stored = useEditor((editor) => editor.block);
  const file = useEditor(activeFile);
  const trial = useEditor((editor) => editor.trial);
  return (
    <OpenBlockTitle spec={spec}>
      {stored && file && (
        <Button variant="contained" component={Link} to={`/blocks/${stored.id}/plan`}>
          {wording.editPlan}
        </Button>
      )}
      <Button variant="outlined" disabled={trial !== null} onClick={() => dispatch(tryStarted())}>
        {wording.tryAVersion}
      </Button>
      <Button variant="outlined" onClick={() => window.print()}>
        {wording.print}
      </Button>
      {stored && file && <BlockMenu block={stored} file={file} />}
    </OpenBlockTitle>
  );
});
