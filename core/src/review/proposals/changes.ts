import { addDays, type CivilDate } from '../../base/index.js';
import type { Command } from '../../edit/index.js';
import { type Block, type Day, isHardRunning, type Week } from '../../layout/index.js';
import { type FixedDay, withFixedDay } from '../../spec/days/index.js';
import { withPin } from '../../spec/index.js';
import type { Review } from '../done/review-block.js';

/** Days of a block from a date on, up to and with another. */
export function daysFrom({ weeks }: Block, from: CivilDate, to: CivilDate): Day[] {
  return weeks.flatMap(({ days }) => days).filter(({ date }) => date >= from && date <= to);
}

/** The first day that a change may touch: tomorrow where today is recorded, else today. */
export function firstOpenDay({ days, today }: Review): CivilDate {
  const last = days.at(-1);
  const isRecorded = last?.day.date === today && last.entries.length > 0;
  return isRecorded ? addDays(today, 1) : today;
}

/** Nothing hard on these days: key sessions become easy runs. */
export function withoutHard(fixed: readonly FixedDay[], days: readonly Day[]): FixedDay[] {
  const hard = days.filter((day) => isHardRunning(day) && day.role !== 'race');
  return hard.reduce<FixedDay[]>(
    (kept, { date }) =>
      withFixedDay(kept, date, {
        role: 'easy',
        session: undefined,
        follow: undefined,
        amount: undefined,
      }),
    [...fixed],
  );
}

/** Weeks held at parts of an amount, their long runs at the same parts of their own; whole layout steps. */
export function weeksHeldAt(
  { spec }: Block,
  held: readonly { week: Week; volume: number; longRun: number }[],
  step: number,
): Pick<Command['change'], 'pins'> {
  const whole = (amount: number) => Math.max(step, step * Math.floor(amount / step));
  const pins = held.reduce(
    (kept, { week, volume, longRun }) =>
      withPin(
        withPin(kept, week.number, 'volume', whole(volume)),
        week.number,
        'longRun',
        longRun > 0 ? whole(longRun) : undefined,
      ),
    spec.pins,
  );
  return { pins };
}

/** Weeks that have not begun, the race’s own left out. */
export function weeksToCome({ block: { weeks }, today }: Review): Week[] {
  return weeks.filter(({ start, toGo }) => start > today && toGo > 0);
}
