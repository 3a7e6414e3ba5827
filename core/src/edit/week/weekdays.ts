import type { Measure } from '../../base/index.js';
import { capital, formatWithUnit } from '../../base/format/index.js';
import type { PhaseKind } from '../../spec/choices/index.js';
import { dayRoleWords, type FixedWeekday } from '../../spec/days/index.js';
import type { Block } from '../../layout/index.js';
import type { Command } from '../index.js';

/** Fixes a weekday through the block, or within the phases or weeks that it names. */
export function fixWeekday({ spec }: Block, rule: FixedWeekday, measure: Measure): Command {
  const fixed = [...others(spec.week.fixed, rule), rule];
  return {
    change: { week: { ...spec.week, fixed } },
    message: `${weekdayWords(rule)}: ${ruleWords(rule, measure)}.`,
  };
}

/** Leaves a weekday to its weeks again, where the rule held. */
export function freeWeekday({ spec }: Block, rule: FixedWeekday): Command {
  const fixed = others(spec.week.fixed, rule);
  return {
    change: { week: { ...spec.week, fixed: fixed.length > 0 ? fixed : undefined } },
    message: `${weekdayWords(rule)}: as the weeks have it.`,
  };
}

/** A fixed weekday in words: `10 km`, `40 min easy`, the session as written. */
export function ruleWords(
  { role, amount, session, cross }: FixedWeekday,
  measure: Measure,
): string {
  return (
    [
      role && dayRoleWords[role],
      cross,
      amount === undefined ? undefined : formatWithUnit(amount, measure),
      session,
    ]
      .filter(Boolean)
      .join(', ') || 'as it is'
  );
}

/** `Mondays`, `Mondays of foundation, speed`, `Mondays of weeks 3, 5`. */
export function weekdayWords({ weekday, phases, weeks }: FixedWeekday): string {
  const where = weeks
    ? ` of ${weeks.length === 1 ? 'week' : 'weeks'} ${weeks.join(', ')}`
    : phases
      ? ` of ${phases.map(phaseWords).join(', ')}`
      : '';
  return `${capital(weekday)}s${where}`;
}

/** Rules of other weekdays, and of this one that hold elsewhere. */
function others(fixed: readonly FixedWeekday[] = [], rule: FixedWeekday): FixedWeekday[] {
  return fixed.filter(
    ({ weekday, phases, weeks }) =>
      weekday !== rule.weekday || !isSame(phases, rule.phases) || !isSame(weeks, rule.weeks),
  );
}

function isSame(one: readonly unknown[] | undefined, other: readonly unknown[] | undefined) {
  return [...(one ?? [])].sort().join() === [...(other ?? [])].sort().join();
}

function phaseWords(phase: PhaseKind): string {
  return phase.replaceAll('-', ' ');
}
