import { differenceInDays, weekdayOf } from '../../base/index.js';
import { dayWords } from '../../base/format/index.js';
import { isRaced } from '../../layout/index.js';
import type { Day } from '../../layout/block/index.js';
import { isRun } from '../../spec/days/index.js';
import { moveDay } from '../week/index.js';
import type { Fix, FixContext } from './fix.js';

/** The last days before a goal race stay as easy as they were written. */
const BEFORE_RACE = 2;

/**
 * Runs on days that the athlete cannot run change places with days of their week that are
 * not run and can be, the nearest first: what is written stays, on another day.
 */
export function ontoFreeDays({ block }: FixContext, numbers: readonly number[]): Fix[] {
  const { athlete, race } = block.spec;
  const isOut = ({ date }: Day) => athlete.unavailable.includes(weekdayOf(date));
  return numbers.flatMap((number) => {
    const days = block.weeks[number - 1]?.days ?? [];
    const runs = days.filter((day) => isOut(day) && isRun(day.role) && !isRaced(day.role));
    const free = days.filter(
      (day) =>
        !isOut(day) && day.role === 'rest' && differenceInDays(race.date, day.date) > BEFORE_RACE,
    );
    return runs.flatMap((run) =>
      [...free]
        .sort((a, b) => apart(run, a) - apart(run, b))
        .flatMap((onto): Fix[] => {
          const moved = moveDay(block, run.date, onto.date);
          if (typeof moved === 'string') return [];
          const label = `Move ${dayWords(run.date)} to ${dayWords(onto.date)}`;
          return [{ label, change: moved.change }];
        }),
    );
  });
}

function apart(one: Day, other: Day): number {
  return Math.abs(differenceInDays(one.date, other.date));
}
