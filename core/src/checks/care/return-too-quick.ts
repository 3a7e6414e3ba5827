import { type BlockEvent, daysLong, lastDay, lastOfWayBack } from '../../spec/days/index.js';
import { addDays, type CivilDate, sum, weekdayOf } from '../../base/index.js';
import { layoutStep } from '../../rules/index.js';
import { isBase, type Week } from '../../layout/block/index.js';
import { check, type CheckContext, type Observation } from '../common/check.js';
import { type BlockDay, dayByWeek, daysToRace, weeksOf } from '../common/days-to-race.js';
import { longestRun } from '../common/longest-run.js';

/**
 * The days after an illness or injury, as many as it lasted: more running than the
 * house rule allows, hard running, or a first run longer than an easy day. Value
 * and limit: daily running as a part of the last building week's, on the same weekdays
 * where they held more; days of hard
 * running and none; m or s.
 */
export const returnTooQuick = check({
  code: 'return-too-quick',
  level: 'stop',
  run(context) {
    const illnesses = context.block.spec.events.filter(({ kind }) => kind === 'illness');
    // What is over was run as it was run: the diary tells it, not the plan.
    const open = context.today ?? '';
    return illnesses.flatMap((illness) => {
      const from = addDays(lastDay(illness), 1);
      const until = lastOfWayBack(illness);
      const back = daysToRace(context.block).filter(
        ({ day: { date } }) => date >= from && date >= open && date <= until,
      );
      const returning = { context, back, before: lastFullWeek(context, illness.from) };
      if (daysLong(illness) < LEAST_DAYS || back.length === 0) return [];
      const first = open <= from ? tooLong(returning) : [];
      return [...tooMuch(returning, illness), ...tooHard(returning), ...first];
    });
  },
});

/** Days ill or hurt from which the return is watched. */
const LEAST_DAYS = 3;

/** The days after an illness, and the last building week before it. */
interface Returning {
  context: CheckContext;
  back: readonly BlockDay[];
  before: Week | undefined;
}

function lastFullWeek({ block: { weeks } }: CheckContext, date: CivilDate): Week | undefined {
  // Where nothing was built before it, by what was to be.
  return weeks.findLast((week) => isBase(week) && week.start <= date) ?? weeks.find(isBase);
}

function tooMuch(returning: Returning, { running }: BlockEvent): Observation[] {
  const { context, back, before } = returning;
  const { block, rules } = context;
  const { basis } = block.spec.athlete;
  const base = usualRunning(returning, (before?.volume ?? block.spec.volume.start) / 7);
  if (base <= 0) return [];
  const limit = Math.max(running ?? 0, rules.events.afterIllness);
  const value = sum(back.map(({ day }) => day[basis])) / back.length / base;
  // Days are laid out in whole steps.
  const leeway = layoutStep(block.spec.athlete, rules) / back.length / base;
  return value > limit + leeway ? [{ weeks: weeksOf(back), value, limit, about: 'volume' }] : [];
}

/** Daily running of the last building week: the mean of all its days, or of these where the long run falls on them. */
function usualRunning({ context, back, before }: Returning, mean: number): number {
  const { basis } = context.block.spec.athlete;
  const usual = new Map(before?.days.map((day) => [weekdayOf(day.date), day[basis]]));
  const same = back.map(({ day: { date } }) => usual.get(weekdayOf(date)) ?? mean);
  return Math.max(mean, sum(same) / same.length);
}

function tooHard({ back }: Returning): Observation[] {
  const hard = back.filter(({ day }) => day.hardTime > 0 && !day.swap);
  return dayByWeek(hard).map((found) => ({ ...found, about: 'hard' }));
}

function tooLong({ context, back, before }: Returning): Observation[] {
  const { basis } = context.block.spec.athlete;
  const first = back.find(({ day }) => day[basis] > 0);
  const easy = before?.days.filter(({ role }) => role === 'easy').map((day) => day[basis]) ?? [];
  if (!first || !before || easy.length === 0) return [];
  const limit = Math.max(...easy);
  const value = longestRun(first.day, basis);
  if (value <= limit + 0.5) return [];
  return [{ weeks: [first.week], dates: [first.day.date], value, limit, about: 'first-run' }];
}
