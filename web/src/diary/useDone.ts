import type { KeptEntry } from '@nadir/contract';
import type { CivilDate, Measure } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import type { Day } from '@nadir/core/layout';
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
  const { entries, mornings, change: send } = useRecord();
  const say = useSay();
  return useMemo(() => {
    const days = entriesByDay(entries);
    const on = (date: CivilDate) => days.get(date) ?? [];
    const revise = (entry: RunEntry) => ({
      revision: on(entry.date).find(({ place }) => place === entry.place)?.revision ?? null,
      entry,
    });
    const put = (date: CivilDate, next: readonly RunEntry[], words: string) => {
      const places = new Set(next.map(({ place }) => place));
      const remove = on(date)
        .filter(({ place }) => !places.has(place))
        .map(({ place, revision }) => ({ date, place, revision }));
      void send({ keep: next.map(revise), remove }, words);
    };
    return {
      on,
      keepAsPlanned(asked, what) {
        const open = asked.filter(({ date }) => date <= today && on(date).length === 0);
        const keep = open.flatMap((day) => asPlanned(day).map(revise));
        if (keep.length === 0) {
          say({ text: `There is nothing left to record of ${what}.` });
        } else {
          void send({ keep }, `Recorded ${what} as planned.`);
        }
      },
      write(day, text) {
        const { date } = day;
        if (date > today) {
          say({ text: `${dayWords(date)} is still to come; nothing was recorded.` });
          return false;
        }
        const read = readDone(text, measure);
        if (!read.ok) {
          say({ text: read.problem });
          return false;
        }
        const typed = read.value;
        if (typed.kind === 'nothing') {
          if (on(date).length > 0)
            put(date, [], `Took back what was recorded of ${dayWords(date)}.`);
        } else if (typed.kind === 'as-planned') {
          put(date, asPlanned(day), `Recorded ${dayWords(date)} as planned.`);
        } else {
          const next = typed.done.map((done, place) => ({
            ...besides(on(date)[place], done.kind),
            ...done,
            date,
            place,
          }));
          put(date, next, `Recorded ${dayWords(date)}.`);
        }
        return true;
      },
      change({ date, ...day }, place, part) {
        const old = on(date).find((each) => each.place === place);
        const { revision: _, ...kept } = old ?? {
          ...(asPlanned({ date, ...day })[place] ?? { kind: 'run' as const }),
          revision: 0,
        };
        const entry = { ...kept, ...part, date, place };
        void send({ keep: [revise(entry)] }, `Changed what was recorded of ${dayWords(date)}.`);
      },
      morningOf: (date) => mornings.find((each) => each.date === date),
      changeMorning(date, part) {
        const { revision = null, ...old } = mornings.find((each) => each.date === date) ?? { date };
        const change: RecordChange = {
          mornings: [{ revision, morning: { ...old, ...part, date } }],
        };
        void send(change, `Kept the morning of ${dayWords(date)}.`);
      },
    };
  }, [entries, mornings, send, say, measure, today]);
}

/** What is typed elsewhere of the same run stays. */
function besides(old: KeptEntry | undefined, kind: RunEntry['kind']): Partial<RunEntry> {
  if (old?.kind !== kind) return {};
  const { reps, weather, fuel, start, movedTo } = old;
  return { reps, weather, fuel, start, movedTo };
}
