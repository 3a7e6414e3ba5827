import type { Measure } from '../../base/index.js';
import { capital, formatPlain, formatWithUnit } from '../../base/format/index.js';
import type { NamedPace } from '../../spec/choices/index.js';
import { crossWords } from '../../rules/index.js';
import { namePaces } from '../../sessions/index.js';
import { dayRoleWords, type FixedWeekday, workKinds } from '../../spec/days/index.js';
import type { Block } from '../../layout/block/index.js';
import type { Command } from '../index.js';
import { heldWords, isHeldAlike } from './holds-in.js';
import { bothRuns } from './other-run.js';

/** Fixes a weekday through the block, or within the phases or weeks that it names. */
export function fixWeekday({ spec }: Block, rule: FixedWeekday, measure: Measure): Command {
  const fixed = [...others(spec.week.fixed, rule), rule];
  return {
    change: { week: { ...spec.week, fixed } },
    message: `${weekdayWords(rule)}: ${ruleWords(rule, measure, spec.paces.table)}.`,
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

/** A fixed weekday as it would be typed: `10 km`, `rest`, `40 min pool running`, its session. */
export function ruleWords(
  rule: FixedWeekday,
  measure: Measure,
  table: readonly NamedPace[],
): string {
  const { role, amount, firstRun, otherRun, session, cross, crossTime } = rule;
  if (role === 'cross-train') {
    const kind = cross && crossWords[cross].words;
    const minutes = crossTime === undefined ? '' : `${Math.round(crossTime / 60)} min `;
    const done = kind ? `${minutes}${kind}` : dayRoleWords[role];
    return session === undefined ? done : `${done}: ${namePaces(session, table)}`;
  }
  if (session !== undefined) {
    const text = namePaces(session, table);
    const figure = (run: number) => formatPlain(run, measure);
    return otherRun ? bothRuns(text, otherRun, table, figure) : text;
  }
  if (amount === undefined) return role ? dayRoleWords[role] : workWords(rule);
  if (firstRun !== undefined) {
    return `${formatPlain(firstRun, measure)} + ${formatPlain(amount - firstRun, measure)}`;
  }
  const length = formatWithUnit(amount, measure);
  return role ? `${length} ${dayRoleWords[role]}` : length;
}

/** `20 min core`, `strength` as long as the house rules say. */
function workWords(rule: FixedWeekday): string {
  const kind = workKinds.find((each) => rule[each]);
  if (kind === undefined) return '';
  const time = rule[kind];
  return typeof time === 'number' ? `${Math.round(time / 60)} min ${kind}` : kind;
}

/** `Mondays`, `Mondays of foundation, speed`, `Mondays of weeks 3, 5`. */
export function weekdayWords(rule: FixedWeekday): string {
  return `${capital(rule.weekday)}s${heldWords(rule)}`;
}

/** Rules of other weekdays, and of this one that hold elsewhere. */
function others(fixed: readonly FixedWeekday[] = [], rule: FixedWeekday): FixedWeekday[] {
  return fixed.filter((each) => each.weekday !== rule.weekday || !isHeldAlike(each, rule));
}
