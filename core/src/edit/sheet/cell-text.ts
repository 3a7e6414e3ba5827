import { type Measure, shownUnit } from '../../base/index.js';
import { formatSteps } from '../../base/format/index.js';
import type { Day } from '../../layout/block/index.js';
import { namePaces } from '../../sessions/index.js';
import { dayRoleWords, fixedDayOf } from '../../spec/days/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import { bothRuns } from '../week/other-run.js';

/**
 * A day as it would be typed: what the coach wrote of it, else its figure. Read
 * again, it changes nothing.
 *
 * @param steps its running in whole shown steps
 */
export function dayText(
  { days, paces }: Pick<ResolvedSpec, 'days' | 'paces'>,
  { date, role, sessions }: Pick<Day, 'date' | 'role' | 'sessions'>,
  steps: number,
  measure: Measure,
): string {
  if (role === 'cross-train') {
    return sessions.find(({ kind }) => kind === 'cross')?.shorthand ?? dayRoleWords[role];
  }
  const { session, amount, firstRun, otherRun } = fixedDayOf(days, date);
  const figure = (run: number) => Number((run / shownUnit(measure)).toFixed(2));
  if (firstRun !== undefined && amount !== undefined) {
    return `${figure(firstRun)}+${figure(amount - firstRun)}`;
  }
  if (session !== undefined) {
    const text = namePaces(session, paces.table);
    return otherRun ? bothRuns(text, otherRun, paces.table, (run) => String(figure(run))) : text;
  }
  if (role === 'rest') return dayRoleWords[role];
  return formatSteps(steps, measure);
}
