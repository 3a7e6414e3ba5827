import type { Week } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/** Too many building weeks in a row. Value and limit: weeks. */
export const noRecoveryWeek = check({
  code: 'no-recovery-week',
  level: 'caution',
  run({ block: { weeks }, rules }) {
    const limit = rules.recovery.mostBuildingWeeks;
    return runsOf(weeks, ({ kind }) => kind === 'building')
      .filter((run) => run.length > limit)
      .map((run) => ({ weeks: run, value: run.length, limit }));
  },
});

/** Numbers of neighbouring weeks that suit, run by run. */
function runsOf(weeks: readonly Week[], suits: (week: Week) => boolean): number[][] {
  const runs: number[][] = [[]];
  for (const week of weeks) {
    if (suits(week)) runs.at(-1)?.push(week.number);
    else runs.push([]);
  }
  return runs.filter((run) => run.length > 0);
}
