import { isRun } from './days/index.js';
import { type CivilDate, differenceInDays, startOfWeek } from '../base/index.js';
import type { ResolvedSpec } from './block-spec.js';
import type { PhaseKind } from './choices/index.js';

/** Days after which a block's roles start over: a week, unless the coach took another cycle. */
export function cycleLength({ week }: { week: Pick<ResolvedSpec['week'], 'days'> }): number {
  return week.days?.length ?? 7;
}

/** Part of the fullest week of a cycle of fourteen days that a week runs: a day off is not made up. */
export function runningOfCycle(
  spec: Pick<ResolvedSpec, 'start' | 'weekStartsOn'> & { week: Pick<ResolvedSpec['week'], 'days'> },
  start: CivilDate,
): number {
  const { days } = spec.week;
  if (days?.length !== 14) return 1;
  const runs = [days.slice(0, 7), days.slice(7)].map(
    (week) => week.filter(({ role }) => isRun(role)).length,
  );
  const anchor = startOfWeek(spec.start, spec.weekStartsOn);
  const half = Math.floor(differenceInDays(start, anchor) / 7) % 2;
  return (runs[half] ?? 1) / Math.max(1, ...runs);
}

/** Whether a week of a cycle that is no week long holds its long run; every other week has one. */
export function cycleHasLongRun(
  { start, weekStartsOn, week }: Pick<ResolvedSpec, 'start' | 'weekStartsOn' | 'week'>,
  { start: first, length, phase }: { start: CivilDate; length: number; phase: PhaseKind },
): boolean {
  const cycle = week.byPhase?.find((each) => each.phase === phase)?.days ?? week.days ?? [];
  if (cycle.length % 7 === 0) return true;
  const from = differenceInDays(first, startOfWeek(start, weekStartsOn));
  const roles = Array.from({ length }, (_, day) => cycle[(from + day) % cycle.length]?.role);
  return roles.includes('long');
}

/** Run days of a week: as answered, or as a pattern has them on the average. */
export function runDaysOf({
  runDays,
  days,
}: Pick<ResolvedSpec['week'], 'runDays' | 'days'>): number {
  if (!days) return runDays;
  return Math.round((7 * days.filter(({ role }) => isRun(role)).length) / days.length);
}
