import { metresPer } from '../../base/index.js';
import { type Block, type Day, mainOf } from '../../layout/block/index.js';
import { type FixedDay, withFixedDay } from '../../spec/days/index.js';
import { PLACED } from './placed.js';

/** Nothing hard on these days: key sessions become easy runs, long runs are run easy. What is placed stays, and is said. */
export function withoutHard(
  { spec }: Pick<Block, 'spec'>,
  days: readonly Day[],
): { days: FixedDay[]; isChanged: boolean } {
  const hard = days.filter((day) => day.hardTime > 0 && !day.swap && !PLACED.has(day.role));
  const eased = hard.reduce<FixedDay[]>(
    (kept, day) =>
      withFixedDay(kept, day.date, {
        ...(day.role === 'long'
          ? { session: easyText(day, spec.athlete) }
          : { role: 'easy', session: undefined }),
        follow: undefined,
        amount: undefined,
      }),
    [...spec.days],
  );
  return { days: eased, isChanged: hard.length > 0 };
}

/** The same length without what was quick in it. */
function easyText(day: Day, athlete: Block['spec']['athlete']): string {
  const long = mainOf(day) ?? day;
  return easyWords(athlete.basis === 'time' ? long.time : long.distance, athlete);
}

/** So much easy running in shorthand, m or s as the athlete counts. */
export function easyWords(amount: number, { basis, unit }: Block['spec']['athlete']): string {
  return basis === 'time'
    ? `${Math.round(amount / 60)} min easy`
    : `${Number((amount / metresPer(unit)).toFixed(1))} ${unit} easy`;
}
