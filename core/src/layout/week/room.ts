import type { DayRole } from '../../spec/days/index.js';
import { addDays, weekdayOf } from '../../base/index.js';
import { raceMetres } from '../events/event-days.js';
import type { Planning } from './planning.js';
import { isOther, isPlain, isRaced, isRunning } from './roles.js';

/** A long run or race on a day of its own takes the place of an easy run, of the one after it first, not of rest. */
export function keepingRunDays({ composed, week }: Planning, found: readonly DayRole[]): DayRole[] {
  const placed = [...found];
  const wishedRuns = week.wished.filter((day) => isRunning(day.role)).length;
  const running = () => placed.filter((role) => isRunning(role)).length;
  const mayGo = (index: number) =>
    isPlain(placed[index] ?? 'rest') && composed[index]?.fixed !== true;
  while (running() > wishedRuns) {
    const after = (suits: (role: DayRole) => boolean) =>
      placed.findIndex((role, index) => suits(role) && mayGo(index + 1)) + 1;
    const free =
      after(isRaced) ||
      after((role) => role === 'long') ||
      placed.findLastIndex((_, index) => mayGo(index));
    if (free < 0) break;
    placed[free] = 'rest';
  }
  return placed;
}

/**
 * What is laid or pinned must be run: a short or race week whose days hold no
 * long run day, or no run day at all, opens one.
 */
export function withRoom(planning: Planning, found: readonly DayRole[]): DayRole[] {
  const { context, amounts } = planning;
  const placed = [...found];
  const open = (suits: (role: DayRole) => boolean) => openDay(planning, placed, suits);
  if (amounts.longRun > 0 && !placed.includes('long')) {
    const day = open(isOther) ?? open((role) => role === 'rest');
    if (day !== undefined) placed[day] = 'long';
  }
  const raced = placed.reduce(
    (total, role, index) =>
      total + (isRaced(role) ? racedOn(planning, index) * context.perMetre : 0),
    0,
  );
  if (amounts.volume - amounts.longRun - raced > 1e-6 && !placed.some(isOther)) {
    // Before the race, be it in place of cross-training; after it or on a day off, only what is fixed.
    const isOpen = (index: number) => index < planning.firstDaysOut && !isOff(planning, index);
    const days = [open((role) => role === 'rest'), open((role) => role === 'cross-train')].filter(
      (day) => day !== undefined,
    );
    const day = days.find(isOpen) ?? (amounts.isPinned ? days[0] : undefined);
    if (day !== undefined) placed[day] = 'easy';
  }
  return placed;
}

/** The last day before the race that suits, one the athlete can run where there is one. */
function openDay(
  planning: Planning,
  placed: readonly DayRole[],
  suits: (role: DayRole) => boolean,
): number | undefined {
  const { week, past, firstDaysOut } = planning;
  const isOpen = (index: number) => !past.on(addDays(week.start, index));
  const fitting = placed.flatMap((role, index) => (suits(role) && isOpen(index) ? [index] : []));
  const before = fitting.filter((index) => index < firstDaysOut);
  const free = before.filter((index) => !isOff(planning, index));
  return free.at(-1) ?? before.at(-1) ?? fitting.at(-1);
}

/** True for a day on which the athlete cannot run: of their week, or away. */
function isOff({ context: { spec, eventDays }, week }: Planning, index: number): boolean {
  const date = addDays(week.start, index);
  return spec.athlete.unavailable.includes(weekdayOf(date)) || eventDays.get(date)?.running === 0;
}

function racedOn({ context, week }: Planning, index: number): number {
  return raceMetres(context.eventDays.get(addDays(week.start, index))?.race);
}
