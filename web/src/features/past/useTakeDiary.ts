import type { WholeFile } from '@nadir/contract';
import { useChangeRecordMutation, useLazyRecordQuery } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { useSay } from '../../components/messages.js';
import * as wording from './wording.js';

/** Takes the diary of a file into an athlete’s: days that hold something already keep it. */
export function useTakeDiary() {
  const [fetchRecord] = useLazyRecordQuery();
  const [send] = useChangeRecordMutation();
  const say = useSay();
  return async (id: string, { entries, mornings = [] }: NonNullable<WholeFile['diary']>) => {
    const dates = [...entries, ...mornings].map(({ date }) => date).sort();
    const [from, to] = [dates[0], dates.at(-1)];
    if (from === undefined || to === undefined) return;
    const { data: kept, error } = await fetchRecord({ id, from, to });
    const days = new Set(kept?.entries.map(({ date }) => date));
    const told = new Set(kept?.mornings.map(({ date }) => date));
    const change = {
      keep: entries
        .filter(({ date }) => !days.has(date))
        .map((entry) => ({ revision: null, entry })),
      remove: [],
      mornings: mornings
        .filter(({ date }) => !told.has(date))
        .map((morning) => ({ revision: null, morning })),
      reviews: [],
    };
    const failed = callError(error ?? (await send({ id, from, to, change })).error);
    if (failed) say({ text: wording.theBlockWasKeptWithoutItsDiary(errorSentence(failed)) });
  };
}
