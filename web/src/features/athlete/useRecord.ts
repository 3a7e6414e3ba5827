import type { AthleteAnswer, AthleteBody, AthletePreview } from '@nadir/contract';
import { useEffect, useRef, useState } from 'react';
import { usePreviewAthleteMutation, useSaveAthleteMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { useSay } from '../../components/messages.js';
import * as wording from './wording.js';

/** Milliseconds that a record rests before its blocks are asked. */
const REST_MS = 300;

/** A record while it is changed: what it would move, which blocks stay apart. */
export function useRecord({ id, revision, facts }: AthleteAnswer) {
  const [draft, setDraft] = useState(facts);
  const [apart, setApart] = useState<readonly string[]>([]);
  const [answered, setAnswered] = useState<{ of: AthleteBody; blocks: AthletePreview['blocks'] }>();
  const say = useSay();
  const [ask, asked] = usePreviewAthleteMutation();
  const [save, saving] = useSaveAthleteMutation();
  const isChanged = JSON.stringify(draft) !== JSON.stringify(facts);

  useEffect(() => {
    if (!isChanged) return;
    const timer = setTimeout(() => {
      void ask({ id, body: { facts: draft } }).then(
        ({ data }) => data && setAnswered({ of: draft, blocks: data.blocks }),
      );
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [ask, id, draft, isChanged]);

  const keep = async (next: AthleteBody) => {
    const { data } = await save({ id, body: { revision, facts: next, apart: [...apart] } });
    if (!data) return;
    setDraft(data.facts);
    setApart([]);
    say({ text: wording.theRecordIsSaved, undo: () => void latest.current?.(facts) });
  };
  // An undo is of the revision that stands when it is asked for.
  const latest = useRef<typeof keep>(undefined);
  useEffect(() => {
    latest.current = keep;
  });
  const failure = callError(saving.error) ?? callError(isChanged ? asked.error : undefined);
  return {
    draft,
    isChanged,
    set: (part: Partial<AthleteBody>) => setDraft({ ...draft, ...part }),
    discard: () => setDraft(facts),
    /** What the draft as it stands would move: an answer to an earlier one is none. */
    preview: isChanged && answered?.of === draft ? answered.blocks : undefined,
    apart,
    setApart,
    save: () => keep(draft),
    isSaving: saving.isLoading,
    problem: failure && errorSentence(failure),
  };
}
