import { useEffect } from 'react';
import { type CallError, errorSentence, useBlockQuery } from '../api/api.js';
import { useDispatch } from 'react-redux';
import { draftOpened, opened } from './desk.js';
import { readDraft } from './drafts.js';
import { useDesk } from './useDesk.js';

type Opening =
  | { status: 'opening' }
  | { status: 'open' }
  | { status: 'failed'; sentence: string; retry: () => void };

/**
 * Puts a block on the desk: the version this device still holds unsaved, else
 * the stored one. A draft opens even while the server is away.
 */
export function useOpenBlock(id: string): Opening {
  const dispatch = useDispatch();
  const { block, save } = useDesk((desk) => desk);
  const onDesk = block?.id;
  const { data, error, refetch } = useBlockQuery(id, { refetchOnMountOrArgChange: true });

  useEffect(() => {
    const newer = save === 'saved' && (data?.revision ?? 0) > (block?.revision ?? 0);
    if (onDesk === id && !(newer && data?.id === id)) return;
    const draft = readDraft(id);
    if (data?.id === id) dispatch(draft ? draftOpened(draft) : opened(data));
    else if (draft && isAway(error)) dispatch(draftOpened(draft));
  }, [dispatch, id, onDesk, save, block?.revision, data, error]);

  if (onDesk === id) return { status: 'open' };
  if (error && 'kind' in error) {
    return { status: 'failed', sentence: errorSentence(error), retry: () => void refetch() };
  }
  return { status: 'opening' };
}

function isAway(error: unknown): boolean {
  return typeof error === 'object' && error !== null && (error as CallError).kind === 'away';
}
