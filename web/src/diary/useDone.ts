import type { AthleteRecord, KeptEntry } from '@nadir/contract';
import type { CivilDate, Measure } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import type { Day } from '@nadir/core/layout/block';
import {
  asPlanned,
  entriesByDay,
  type MorningNote,
  readDone,
  type RunEntry,
} from '@nadir/core/record';
import { useMemo } from 'react';
import { useSignedIn } from '../api/session.js';
import { type RecordChange, useRecord } from '../components/record.js';
import { useSay } from '../components/messages.js';
import * as wording from './wording.js';

/** What a coach does to a diary; each act is said, and undone by the message’s Undo. */
export interface DoneActs {
  /** What is kept of each day. */
  on: (date: CivilDate) => readonly KeptEntry[];
  /** Days that are not to come and hold nothing yet, as planned. */
  keepAsPlanned: (days: readonly Day[], what: string) => void;
  /** What is typed of a day; false with the reason said where it cannot be read. */
  write: (day: Day, text: string) => boolean;
  /** Changes some figures of one entry of a day; one is made where there is none. */
  change: (day: Day, place: number, part: Partial<RunEntry>) => void;
  morningOf: (date: CivilDate) => MorningNote | undefined;
  changeMorning: (date: CivilDate, part: Partial<MorningNote>) => void;
}

/** What is kept of days, and the acts that change it. */
export function useDone(measure: Measure): DoneActs {
  const { today } = useSignedIn();
  const { entries, mornings, change } = useRecord();
  const say = useSay();
  return useMemo(() => {
    const days = entriesByDay(entries);
    const on = (date: CivilDate) => days.get(date) ?? [];
    return {
      on,
      keepAsPlanned(asked, what) {
        const open = asked.filter(({ date }) => date <= today && on(date).length === 0);
        if (open.flatMap(asPlanned).length === 0) {
          say({ text: wording.thereIsNothingLeftToRecord(what) });
          return;
        }
        change((kept) => {
          const known = entriesByDay(kept.entries);
          const still = open.filter(({ date }) => !known.has(date));
          return { keep: still.flatMap(asPlanned).map((entry) => ({ revision: null, entry })) };
        }, wording.recordedAsPlanned(what));
      },
      write(day, text) {
        const words = dayWords(day.date);
        const read = readDone(text, measure, day);
        if (!read.ok) {
          say({ text: read.problem });
          return false;
        }
        const typed = read.value;
        if (typed.kind === 'nothing') {
          change((kept) => dayOf(kept, day.date, () => []), wording.tookBackWhatWasRecorded(words));
        } else if (typed.kind === 'as-planned') {
          change(
            (kept) =>
              dayOf(kept, day.date, (old) =>
                asPlanned(day).map((entry, place) => ({ ...saidOf(old[place]), ...entry })),
              ),
            wording.recordedAsPlanned2(words),
          );
        } else {
          const next = (old: readonly KeptEntry[]) =>
            typed.done.map((done, place) => ({
              ...besides(old[place], done.kind),
              ...done,
              date: day.date,
              place,
            }));
          change((kept) => dayOf(kept, day.date, next), wording.recorded(words));
        }
        return true;
      },
      change(day, place, part) {
        const { date } = day;
        change(
          (kept) => {
            const known = kept.entries.find((each) => each.date === date && each.place === place);
            const { revision: _, ...old } = known ?? { revision: 0, kind: 'run' as const };
            const planned = known ? {} : asPlanned(day)[place];
            const entry = { ...old, ...planned, ...part, date, place };
            return { keep: [{ revision: known?.revision ?? null, entry }] };
          },
          wording.changedWhatWasRecordedOf(dayWords(date)),
        );
      },
      morningOf: (date) => mornings.find((each) => each.date === date),
      changeMorning(date, part) {
        change(
          (kept) => {
            const { revision = null, ...old } = kept.mornings.find(
              (each) => each.date === date,
            ) ?? {
              date,
            };
            return { mornings: [{ revision, morning: { ...old, ...part, date } }] };
          },
          wording.keptTheMorningOf(dayWords(date)),
        );
      },
    };
  }, [entries, mornings, change, say, measure, today]);
}

/** A day’s entries put in the place of those that stand. */
function dayOf(
  { entries }: AthleteRecord,
  date: CivilDate,
  next: (old: readonly KeptEntry[]) => readonly RunEntry[],
): RecordChange | undefined {
  const old = entries.filter((each) => each.date === date);
  const made = next(old);
  const places = new Set(made.map(({ place }) => place));
  const gone = old.filter(({ place }) => !places.has(place));
  if (made.length + gone.length === 0) return undefined;
  return {
    keep: made.map((entry) => ({
      revision: old.find(({ place }) => place === entry.place)?.revision ?? null,
      entry,
    })),
    remove: gone.map(({ place, revision }) => ({ date, place, revision })),
  };
}

/** What is typed elsewhere of the same run stays. */
function besides(old: KeptEntry | undefined, kind: RunEntry['kind']): Partial<RunEntry> {
  if (old?.kind !== kind) return saidOf(old);
  const { reps, weather, fuel, start, movedTo } = old;
  return { ...saidOf(old), reps, weather, fuel, start, movedTo };
}

/** What athlete and coach said of it to each other stays, whatever the figures become. */
function saidOf(old: KeptEntry | undefined): Partial<RunEntry> {
  return old ? { words: old.words, answer: old.answer } : {};
}
