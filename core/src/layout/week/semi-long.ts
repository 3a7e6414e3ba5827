import type { DayRole } from '../../spec/days/index.js';
import type { WishedDay } from '../wished/coach-week.js';
import { isFreeForHard, type Planning } from './planning.js';
import { isOther } from './roles.js';

/** One easy day in mid-week, farthest from the long run, where the week is large enough. */
export function withSemiLong(planning: Planning, found: readonly DayRole[]): DayRole[] {
  const { composed } = planning;
  const placed = [...found];
  const long = placed.indexOf('long');
  const has = placed.includes('semi-long') && planning.past.asOf !== undefined;
  if (long < 0 || has || !bearsSemiLong(planning, placed)) return placed;
  const apart = (index: number) => Math.min(Math.abs(index - long), 7 - Math.abs(index - long));
  const easy = placed.flatMap((role, index) =>
    role === 'easy' &&
    apart(index) > 2 &&
    isUsuallyRun(composed[index]) &&
    isFreeForHard(planning, index)
      ? [index]
      : [],
  );
  const best = easy.reduce((most, at) => (apart(at) > apart(most) ? at : most), easy[0] ?? -1);
  if (best >= 0) placed[best] = 'semi-long';
  return placed;
}

/** True for a run day that nobody fixed: a run that has moved to a day of rest stands beside what is hard. */
function isUsuallyRun(day: WishedDay | undefined): boolean {
  return day?.fixed === false && day.role !== 'rest';
}

/** True for a large building week that is not the coach's own, with a long run to be shorter than. */
function bearsSemiLong(
  { context, week, amounts: { volume, longRun } }: Planning,
  roles: readonly DayRole[],
): boolean {
  const { spec, rules } = context;
  const byPhase = spec.week.byPhase?.some(({ phase }) => phase === week.phase.kind);
  const own = spec.week.days !== undefined || byPhase === true;
  const from = rules.week.semiLongFrom[spec.athlete.basis];
  const isFull = week.kind === 'building' && !week.recovery && week.running === 1;
  if (own || volume < from || !isFull) return false;
  const others = roles.filter(isOther).length;
  const wouldBe = (rules.week.semiLong * (volume - longRun)) / (others + rules.week.semiLong - 1);
  // Beside a short long run it would be a second one.
  return wouldBe <= rules.week.mostOfLongRun * longRun;
}
