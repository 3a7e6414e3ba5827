import type {
  AthleteRecord,
  BlockFile,
  ChangeRecordBody,
  KeptEntry,
  KeptMorning,
  KeptReview,
  RecordChanged,
} from '@nadir/contract';
import { addDays, type CivilDate } from '@nadir/core/base';
import { type ReactNode, createContext, useContext, useMemo, useRef } from 'react';
import { useStore } from 'react-redux';
import { api, type RecordOf, useChangeRecordMutation, useRecordQuery } from '../api/api.js';
import { type CallError, callError, errorSentence } from '../api/call-error.js';
import { useSay } from './messages.js';
import * as wording from './wording.js';

/** A part of a record’s change: what is left out changes nothing. */
export type RecordChange = Partial<ChangeRecordBody>;

/** Makes a change from what is kept at the moment it is sent; undefined where there is nothing to change. */
export type MakeChange = (kept: AthleteRecord) => RecordChange | undefined;

/** What is recorded around the block that is open, and the one way to change it. */
export interface OpenRecord {
  entries: readonly KeptEntry[];
  mornings: readonly KeptMorning[];
  reviews: readonly KeptReview[];
  /** Keeps a change and says so, with its undo. One is sent after the other, each made from what then stands. */
  change: (make: MakeChange, words: string) => void;
}

const NOTHING_KEPT: AthleteRecord = { entries: [], mornings: [], reviews: [] };
const NO_CHANGE: ChangeRecordBody = { keep: [], remove: [], mornings: [], reviews: [] };
const NOTHING: OpenRecord = {
  ...NOTHING_KEPT,
  change: () => undefined,
};
const RecordContext = createContext<OpenRecord>(NOTHING);

/** Days before the race within which any block lies, and days after it that are still recorded. */
const DAYS_BEFORE = 7 * 31;
const DAYS_AFTER = 14;

/** Near enough for what is recorded around it, where a block is given by its first day. */
export function raceDay({ race, start, weeks = 0 }: BlockFile, today: CivilDate): CivilDate {
  return race.date ?? addDays(start ?? today, 7 * weeks);
}

/** The record in which the whole of a block lies. */
export function recordAround(athleteId: string, raceOn: CivilDate): RecordOf {
  return { id: athleteId, from: addDays(raceOn, -DAYS_BEFORE), to: addDays(raceOn, DAYS_AFTER) };
}

/** How often it is looked whether there is more while a block is open, milliseconds. */
const ASKED_AGAIN_MS = 120_000;

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
  const of = useMemo(() => recordAround(athleteId, raceOn), [athleteId, raceOn]);
  // An athlete writes in it too, from a page of their own.
  const { data = NOTHING_KEPT } = useRecordQuery(of, {
    refetchOnMountOrArgChange: true,
    pollingInterval: ASKED_AGAIN_MS,
  });
  const store = useStore<Parameters<ReturnType<typeof api.endpoints.record.select>>[0]>();
  const [send] = useChangeRecordMutation();
  const say = useSay();
  const queue = useRef(Promise.resolve());
  const record = useMemo((): OpenRecord => {
    const sendOne = async (make: MakeChange, words: string) => {
      const before = api.endpoints.record.select(of)(store.getState()).data ?? NOTHING_KEPT;
      const asked = make(before);
      if (!asked) return;
      const answer = await send({ ...of, change: { ...NO_CHANGE, ...asked } });
      if (answer.error) {
        say({ text: whyNotKept(callError(answer.error)) });
        return;
      }
      const back = undoOf(before, answer.data);
      say({ text: words, undo: () => void send({ ...of, change: back }) });
    };
    const change: OpenRecord['change'] = (make, words) => {
      queue.current = queue.current.then(() => sendOne(make, words));
    };
    return { ...steady(data), change };
  }, [data, of, send, say, store]);
  return <RecordContext value={record}>{children}</RecordContext>;
}

/** The record around the block that is open; empty outside one. */
export function useRecord(): OpenRecord {
  return useContext(RecordContext);
}

/** What stood in the way, in a sentence: what was typed is gone from its field by then, and that is said. */
function whyNotKept(failed: CallError | undefined): string {
  return failed && failed.kind !== 'away' ? errorSentence(failed) : wording.theServerDoesNotAnswer;
}

/** Nothing is always the same nothing: an answer without a diary lays no block out anew under the hand. */
function steady(kept: AthleteRecord): AthleteRecord {
  const { entries, mornings, reviews } = kept;
  return {
    entries: entries.length > 0 ? entries : NOTHING_KEPT.entries,
    mornings: mornings.length > 0 ? mornings : NOTHING_KEPT.mornings,
    reviews: reviews.length > 0 ? reviews : NOTHING_KEPT.reviews,
  };
}

/** What puts a record back as it was: made on the revisions that a change was answered with. */
function undoOf(before: AthleteRecord, changed: RecordChanged): ChangeRecordBody {
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
