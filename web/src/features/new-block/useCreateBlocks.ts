import type { BlockFile } from '@nadir/contract';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useAddBlockMutation, useRemoveBlockMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { useSay } from '../../components/messages.js';
import * as wording from './wording.js';

/** A block to keep, for the athlete of an id. */
interface ToCreate {
  id: string;
  wishes: BlockFile;
}

/** Keeps the blocks one after the other; what was kept before a failure stays, and is said. */
export function useCreateBlocks() {
  const navigate = useNavigate();
  const say = useSay();
  const [addBlock] = useAddBlockMutation();
  const [remove] = useRemoveBlockMutation();
  const [isCreating, setIsCreating] = useState(false);
  const [failure, setFailure] = useState<string>();

  async function create(chosen: readonly ToCreate[], onKept: (id: string) => void) {
    setIsCreating(true);
    setFailure(undefined);
    const kept: string[] = [];
    for (const { id: athleteId, wishes } of chosen) {
      const { data, error } = await addBlock({ athleteId, wishes });
      if (!data) {
        const refused = callError(error);
        const why = refused ? errorSentence(refused) : '';
        setFailure(`${wording.keptBefore(kept.length, chosen.length)} ${why}`);
        setIsCreating(false);
        return;
      }
      kept.push(data.id);
      onKept(athleteId);
    }
    say({ text: wording.laidOutBlocks(kept.length), undo: () => void takeBack(kept) });
    await navigate('/blocks');
  }

  async function takeBack(kept: readonly string[]) {
    const answers = await Promise.all(kept.map((id) => remove(id)));
    const failed = answers.map(({ error }) => callError(error)).find((error) => error);
    if (failed) say({ text: errorSentence(failed) });
  }

  return { create, isCreating, failure };
}
