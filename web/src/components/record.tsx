import type { ChangeRecordBody, KeptEntry, KeptMorning, KeptReview } from '@nadir/contract';
import { addDays, type CivilDate } from '@nadir/core/base';
import { type ReactNode, createContext, useContext, useMemo } from 'react';
import { errorSentence, callError, useChangeRecordMutation, useRecordQuery } from '../api/api.js';
import { useSay } from './messages.js';

/** A part of a record’s change: what is left out changes nothing. */
export type RecordChange = Partial<ChangeRecordBody>;

/** What is recorded around the block that is open, and the one way to change it. */
export interface OpenRecord {
  entries: readonly KeptEntry[];
  mornings: readonly KeptMorning[];
  reviews: readonly KeptReview[];
  /** Keeps a change and says so, with its undo; false where it was refused, and said. */
  change: (change: RecordChange, words: string) => Promise<boolean>;
}

const NOTHING: OpenRecord = {
  entries: [],
  mornings: [],
  reviews: [],
  change: () => Promise.resolve(false),
};
const RecordContext = createContext<OpenRecord>(NOTHING);

/** Days before the race within which any block lies, and days after it that are still recorded. */
const DAYS_BEFORE = 7 * 31;
const DAYS_AFTER = 14;

/** Shows every block within it with what its athlete ran. */
export function WithRecord({
  athleteId,
  raceOn,
  children,
}: {
  athleteId: string;
  raceOn: CivilDate;
  children: ReactNode;
}) {
  const of = useMemo(
    () => ({ id: athleteId, from: addDays(raceOn, -DAYS_BEFORE), to: addDays(raceOn, DAYS_AFTER) }),
    [athleteId, raceOn],
  );
  const { data } = useRecordQuery(of);
  const [send] = useChangeRecordMutation();
  const say = useSay();
  const record = useMemo((): OpenRecord => {
    const { entries = [], mornings = [], reviews = [] } = data ?? {};
    const change: OpenRecord['change'] = async (asked, words) => {
      const before = { entries, mornings, reviews };
      const whole = { keep: [], remove: [], mornings: [], reviews: [], ...asked };
      const answer = await send({ ...of, change: whole });
      if (answer.error) {
        const failed = callError(answer.error);
        say({ text: failed ? errorSentence(failed) : 'That could not be kept. Try again.' });
        return false;
      }
      const back = undoOf(before, answer.data);
      say({ text: words, undo: () => void send({ ...of, change: back }) });
      return true;
    };
    return { entries, mornings, reviews, change };
  }, [data, of, send, say]);
  return <RecordContext value={record}>{children}</RecordContext>;
}

/** The record around the block that is open; empty outside one. */
export function useRecord(): OpenRecord {
  return useContext(RecordContext);
}

/** What puts a record back as it was: made on the revisions that a change was answered with. */
function undoOf(
  before: Pick<OpenRecord, 'entries' | 'mornings' | 'reviews'>,
  changed: Awaited<ReturnType<ReturnType<typeof useChangeRecordMutation>[0]>>['data'] & object,
): ChangeRecordBody {
  const was = ({ date, place }: { date: string; place: number }) =>
    before.entries.find((each) => each.date === date && each.place === place);
  const touched = [...changed.entries, ...changed.removed];
  const keep = touched.flatMap(({ date, place, revision }) => {
    const old = was({ date, place });
    return old ? [{ revision, entry: withoutRevision(old) }] : [];
  });
  const remove = changed.entries
    .filter((each) => !was(each))
    .map(({ date, place, revision }) => ({ date, place, revision }));
  return {
    keep,
    remove,
    mornings: changed.mornings.map(({ date, revision }) => {
      const old = before.mornings.find((each) => each.date === date);
      return { revision, morning: old ? withoutRevision(old) : { date } };
    }),
    reviews: changed.reviews.map(({ date, revision }) => {
      const old = before.reviews.find((each) => each.date === date);
      return { revision, review: old ? withoutRevision(old) : { date } };
    }),
  };
}

function withoutRevision<T extends { revision: number }>({
  revision: _,
  ...rest
}: T): Omit<T, 'revision'> {
  return rest;
}
