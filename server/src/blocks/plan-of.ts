import { type BlockFile, type PlannedDay, givenOf, historyOf } from '@nadir/contract';
import { layOut } from '@nadir/core';
import type { CivilDate } from '@nadir/core/base';
import { type HandedOut, weekThen } from '@nadir/core/layout';

/** A block's plan by the day, and the dates it is found by. */
export interface Plan {
  startsOn: CivilDate;
  raceOn: CivilDate;
  days: HandedOut[];
}

/** Lays out a version from `today` on; the days before it as they were handed out. */
export function planOf(wishes: BlockFile, today: CivilDate, history: readonly PlannedDay[]): Plan {
  const block = layOut(givenOf(wishes), { asOf: today, history: historyOf(history) });
  const { start, race } = block.spec;
  return {
    startsOn: start,
    raceOn: race.date,
    days: block.weeks.flatMap((week) => {
      const then = weekThen(week);
      return week.days.map((day) => ({ day, week: then }));
    }),
  };
}
