import type { BlockFile } from '@nadir/contract';
import type { ReactNode } from 'react';
import { ErrorNote } from '../parts/ErrorNote.js';
import { activeFile } from './useCommands.js';
import { useDesk } from './useDesk.js';
import { useOpenBlock } from './useOpenBlock.js';

/** Puts a block on the desk and shows it, or says why it cannot be opened. */
export function OnDesk({
  id,
  children,
}: {
  id: string;
  /** Given the version that stands, and one that is only shown. */
  children: (file: BlockFile, preview: BlockFile | null) => ReactNode;
}) {
  const opening = useOpenBlock(id);
  const file = useDesk(activeFile);
  const preview = useDesk((desk) => desk.preview);
  if (opening.status === 'failed') {
    return (
      <main className="page">
        <ErrorNote onRetry={opening.retry}>{opening.sentence}</ErrorNote>
      </main>
    );
  }
  if (opening.status === 'opening' || !file) {
    return (
      <main className="page" aria-busy="true">
        Opening the block …
      </main>
    );
  }
  return children(file, preview);
}
