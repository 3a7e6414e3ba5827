import type { BlockFile, PlannedDay } from '@nadir/contract';
import { type ReactNode, useCallback } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { NotOpened } from '../components/NotOpened.js';
import { WithPast } from '../components/WithPast.js';
import { BrokenVersion } from './BrokenVersion.js';
import { EditorNotices } from './EditorNotices.js';
import { autosave } from './autosave.js';
import { laterMiddleware } from './later.js';
import { activeFile } from './useCommands.js';
import { useEditor } from './useEditor.js';
import { useOpenBlock } from './useOpenBlock.js';
import { useOtherTabs } from './useOtherTabs.js';
import * as wording from './wording.js';

// Saving begins where a block is opened.
laterMiddleware.addMiddleware(autosave.middleware);

const NONE: readonly PlannedDay[] = [];

/** Puts a block in the editor and shows it, or says why it cannot be opened. */
export function InEditor({
  id: asked,
  children,
}: {
  id: string;
  /** Given the version that stands, and one that is only shown. */
  children: (file: BlockFile, preview: BlockFile | null) => ReactNode;
}) {
  // Ids come back in small letters, however an address was typed.
  const id = asked.toLowerCase();
  const opening = useOpenBlock(id);
  const file = useEditor(activeFile);
  const preview = useEditor((editor) => editor.preview);
  const history = useEditor((editor) => editor.block?.history) ?? NONE;
  const athleteId = useEditor((editor) => editor.block?.athleteId) ?? '';
  const { refetch } = opening;
  const elsewhere = useOtherTabs(
    id,
    useCallback(() => refetch(), [refetch]),
  );
  if (opening.status === 'failed') {
    return <NotOpened error={opening.error} onRetry={opening.refetch} />;
  }
  if (opening.status === 'opening' || !file) {
    return (
      <main className="page" aria-busy="true">
        {wording.openingTheBlock}
      </main>
    );
  }
  return (
    <WithPast block={{ athleteId, wishes: file, history }}>
      <EditorNotices elsewhere={elsewhere} unreadable={opening.unreadable} />
      <ErrorBoundary resetKeys={[file, preview]} fallback={<BrokenVersion id={id} />}>
        <Shown file={file} preview={preview} show={children} />
      </ErrorBoundary>
    </WithPast>
  );
}

/** A component of its own, so that a version that cannot be shown breaks inside the boundary. */
function Shown({
  file,
  preview,
  show,
}: {
  file: BlockFile;
  preview: BlockFile | null;
  show: (file: BlockFile, preview: BlockFile | null) => ReactNode;
}) {
  return show(file, preview);
}
