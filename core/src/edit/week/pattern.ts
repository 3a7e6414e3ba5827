import type { PhaseKind, Progression } from '../../spec/choices/index.js';
import { dayRoleWords, type PatternDay, type PatternRole } from '../../spec/days/index.js';
import { daysUntilWeekday } from '../../base/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import { rolesOf } from '../../layout/index.js';
import type { Block } from '../../layout/block/index.js';
import type { Command } from '../index.js';
import { asAssigned } from './rotations.js';
import { type WeekPatternName, weekPatterns } from './week-templates.js';

/** A ready week as this block would take it: its long run on the block's weekday. */
export function patternDays(
  name: WeekPatternName,
  { weekStartsOn, week }: Pick<ResolvedSpec, 'weekStartsOn' | 'week'>,
): PatternDay[] {
  const days: readonly PatternDay[] = weekPatterns[name].days;
  if (days.length % 7 !== 0) return [...days];
  const wanted = daysUntilWeekday(weekStartsOn, week.longRunOn);
  const long = days.findIndex(({ role }) => role === 'long');
  return days.map((_, index) => {
    const from = (index + long - wanted + days.length) % days.length;
    return days[from] ?? { role: 'rest' };
  });
}

/** Takes a ready week over; for the weeks of one phase where one is named. */
export function choosePattern({ spec }: Block, name: WeekPatternName, phase?: PhaseKind): Command {
  const days = patternDays(name, spec);
  const { title } = weekPatterns[name];
  return setPattern(spec, days, phase, `Used the week template “${title}”.`);
}

/** Back to run days, long run, quality and rest days as they were answered. */
export function dropPattern({ spec }: Block, phase?: PhaseKind): Command {
  return setPattern(spec, undefined, phase, 'Went back to the plain week.');
}

/** Changes the role of one day of the block's cycle; the plain week becomes one of its own with it. */
export function setCycleRole({ spec }: Block, index: number, role: PatternRole): Command {
  const days = rolesOf(spec).map((day, place) => (place === index ? { ...day, role } : day));
  return setPattern(spec, days, undefined, `Made day ${index + 1} ${dayRoleWords[role]}.`);
}

/** Puts a family to a use: the nth quality day of the weeks of a phase. */
export function assignFamily(
  { spec }: Block,
  phase: PhaseKind,
  place: number,
  family: Progression | undefined,
): Command {
  const others = spec.sessions.filter((use) => use.phase !== phase || use.place !== place);
  const use = family && { phase, place, family: asAssigned(family) };
  const sessions = use ? [...others, use] : others;
  const name = family ? `“${family.name}”` : 'no family';
  return { change: { sessions }, message: `Quality day ${place} of ${phase}: ${name}.` };
}

function setPattern(
  { week }: ResolvedSpec,
  days: PatternDay[] | undefined,
  phase: PhaseKind | undefined,
  words: string,
): Command {
  if (phase === undefined) return { change: { week: { ...week, days } }, message: words };
  const others = (week.byPhase ?? []).filter((each) => each.phase !== phase);
  const byPhase = days ? [...others, { phase, days }] : others;
  return {
    change: { week: { ...week, byPhase: byPhase.length > 0 ? byPhase : undefined } },
    message: words,
  };
}
