import { LAST_DAYS } from '../../rules/limits/index.js';
import { type Basis, differenceInDays, memoizeLast, sum, weekdayOf } from '../../base/index.js';
import type { Block } from '../block/block.js';
import { type Day, isIndoors } from '../block/day.js';
import type { Week } from '../block/week.js';
import { climbBegins } from '../written/restarts.js';

/** Seconds of running on the eve up to which it is a shake-out. */
const LONGEST_SHAKE_OUT = 40 * 60;

/** How much is taken from the last days before the race. */
export interface CutBeforeRace {
  /** As a part of what was run on the same weekdays of the heaviest week, its long run aside. */
  cut: number;
  /** The part of it that is run, shortly, for the long run: on its own day, or on one that usually rests. */
  instead: number;
  /** That amount, m or s. */
  before: number;
  /** Runs counted in the last days. */
  runs: number;
  /** Seconds run in the last days. */
  time: number;
  /** The longest of the last days that are easy, a shake-out on the eve aside; m or s. */
  longestEasy: number;
}

/**
 * The cut of the six days before the race, wherever their week begins, a shake-out on
 * a day that is usually rested aside; undefined
 * where a block has no whole building week, or none of them was run in it.
 */
export const cutBeforeRace = memoizeLast(({ weeks, spec }: Block): CutBeforeRace | undefined => {
  const heaviest = heaviestOf(weeks.slice(climbBegins(spec, weeks)));
  const { basis } = spec.athlete;
  const last = weeks
    .slice(-2)
    .flatMap(({ days }) => days)
    .filter(({ date }) => isLast(differenceInDays(spec.race.date, date)));
  const weekdays = new Set(last.map(({ date }) => weekdayOf(date)));
  const same =
    heaviest?.days.filter(({ date, role }) => role !== 'long' && weekdays.has(weekdayOf(date))) ??
    [];
  // A run that goes indoors is as much work as outdoors.
  const worked = (day: Day, by: Basis = basis) => {
    const { equivalentDistance, equivalentTime } = day.cross;
    const instead = by === 'time' ? equivalentTime : equivalentDistance;
    return day[by] + (isIndoors(day) ? instead : 0);
  };
  const before = sum(same.map((day) => worked(day)));
  if (last.length < LAST_DAYS || before === 0) return undefined;
  const ran = new Set(same.flatMap((day) => (worked(day) > 0 ? [weekdayOf(day.date)] : [])));
  // A shake-out where nobody ran is nothing that was not cut.
  const isNew = (day: Day) => !ran.has(weekdayOf(day.date)) && day.time <= LONGEST_SHAKE_OUT;
  const isEve = ({ date }: Day) => differenceInDays(spec.race.date, date) === 1;
  const isShakeOut = (day: Day) => isEve(day) && day.time <= LONGEST_SHAKE_OUT;
  const counted = last.filter((day) => !(isShakeOut(day) && isNew(day)));
  const time = sum(last.map((day) => worked(day, 'time')));
  const easy = last.filter((day) => day.role !== 'quality' && !isShakeOut(day));
  const longestEasy = Math.max(0, ...easy.map((day) => worked(day)));
  const left = sum(counted.map((day) => worked(day)));
  const runs = counted.filter((day) => worked(day) > 0).length;
  const ofLongRun = dayOfLongRun(heaviest, last);
  const inPlace = counted.filter((day) => isNew(day) && day.time > 0);
  const replaced = inPlace.find((day) => ofLongRun?.time === 0 || day === ofLongRun);
  const instead = replaced ? worked(replaced) / before : 0;
  return { cut: 1 - left / before, instead, before, runs, time, longestEasy };
});

/** The weekday of the heaviest week’s long run, before the race. */
function dayOfLongRun(heaviest: Week | undefined, last: readonly Day[]): Day | undefined {
  const long = heaviest?.days.find(({ role }) => role === 'long');
  return last.find(({ date }) => long && weekdayOf(date) === weekdayOf(long.date));
}

/** The heaviest whole building week, the last of equals. */
function heaviestOf(weeks: readonly Week[]): Week | undefined {
  let heaviest: Week | undefined;
  for (const week of weeks) {
    const isWhole = week.kind === 'building' && week.length === 7;
    if (isWhole && week.volume >= (heaviest?.volume ?? 0)) heaviest = week;
  }
  return heaviest;
}

function isLast(daysOut: number): boolean {
  return daysOut >= 1 && daysOut <= LAST_DAYS;
}
