import { useCallback, useEffect, useRef, useState } from 'react';
import { useDispatch } from 'react-redux';
import { useBlockQuery } from '../api/api.js';
import type { CallError } from '../api/call-error.js';
import { useSignedIn } from '../api/session.js';
import { useRetryWhileAway } from '../api/useRetryWhileAway.js';
import { draftsOpened, opened, pastChanged } from './editor-slice.js';
import type { KeptDrafts } from './drafts.js';
import { useEditor } from './useEditor.js';
import { adopt, whatToOpen } from './what-to-open.js';

type Opening = { refetch: () => void } & (
  | { status: 'opening' }
  | { status: 'open'; unreadable: KeptDrafts['unreadable'] }
  | { status: 'failed'; error: CallError }
);

/**
 * Puts a block in the editor: the version this device still holds unsaved, else
 * the stored one. A draft opens even while the server is away.
 */
export function useOpenBlock(id: string): Opening {
  const dispatch = useDispatch();
  const { coach, today } = useSignedIn();
  const { block, save } = useEditor((editor) => editor);
  const [unreadable, setUnreadable] = useState<KeptDrafts['unreadable']>([]);
  const inEditor = block?.id;
  const { data, error, refetch } = useBlockQuery(id, { refetchOnMountOrArgChange: true });
  const stored = data?.id === id ? data : undefined;
  const away = isAway(error);
  useRetryWhileAway(error, refetch);

  // On a new day one day more is over, as it was handed out.
  const askedOn = useRef(today);
  useEffect(() => {
    if (askedOn.current === today) return;
    askedOn.current = today;
    void refetch();
  }, [today, refetch]);
  useEffect(() => {
    if (stored && stored.revision === block?.revision) dispatch(pastChanged(stored));
  }, [dispatch, stored, block?.revision]);

  useEffect(() => {
    const newer = save === 'saved' && (stored?.revision ?? 0) > (block?.revision ?? 0);
    if (inEditor === id && !newer) return;
    if (!stored && !away) return;
    let wanted = true;
    void whatToOpen(coach.id, id, stored).then((kept) => {
      if (!wanted) return;
      setUnreadable(kept.unreadable);
      const [newest, ...others] = kept.drafts;
      if (newest) {
        dispatch(draftsOpened([newest, ...others]));
        void adopt(newest);
      } else if (stored) dispatch(opened(stored, coach.id));
    });
    return () => {
      wanted = false;
    };
  }, [dispatch, coach.id, id, inEditor, save, block?.revision, stored, away]);

  const again = useCallback(() => void refetch(), [refetch]);
  if (inEditor === id) return { status: 'open', unreadable, refetch: again };
  if (error && 'kind' in error) {
    return { status: 'failed', error, refetch: again };
  }
  return { status: 'opening', refetch: again };
}

function isAway(error: unknown): boolean {
  return typeof error === 'object' && error !== null && (error as CallError).kind === 'away';
}
