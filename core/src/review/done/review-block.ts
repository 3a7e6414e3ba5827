import { type CivilDate, sum } from '../../base/index.js';
import { monotonyOf } from '../../layout/index.js';
import { type Block, isHardRunning, type Week } from '../../layout/block/index.js';
import { dayTimes, type PaceRange, rangeOf, type TimeFor } from '../../paces/index.js';
import { entriesByDay, type MorningNote, type RunEntry } from '../../record/index.js';
import type { HouseRules } from '../../rules/index.js';
import { sessionPacesOn } from '../../sessions/index.js';
import { type DayPaces, type DayReviewed, reviewDay } from './day-reviewed.js';

/** What a review is made from. */
export interface ReviewGiven {
  block: Block;
  rules: HouseRules;
  today: CivilDate;
  entries: readonly RunEntry[];
  mornings: readonly MorningNote[];
}

/** One week that has begun, as planned and as run. Amounts in m or s, as the block counts; the race apart. */
export interface WeekReviewed {
  week: Week;
  /** Those up to today. */
  days: DayReviewed[];
  isOver: boolean;
  /** False where nothing at all is recorded: what was run is not known then, and never zero. */
  isKnown: boolean;
  /** Days over on which something was planned and of which nothing is recorded. */
  unknown: number;
  /** True for a week that is over and known day by day: what was run is held against its plan. */
  isWhole: boolean;
  planned: number;
  run: number;
  longRun: { planned: number; run: number | undefined };
  hard: { planned: number; done: number };
  load: number;
  /** Of a whole week. */
  monotony: number | undefined;
}

/** A block looked at on a day: what was planned, and what became of it. */
export interface Review extends ReviewGiven {
  weeks: WeekReviewed[];
  /** Every day up to today, in order. */
  days: DayReviewed[];
}

/** Lays what was run beside what was planned, up to today. */
export function reviewBlock(given: ReviewGiven): Review {
  const paces = dayPacesOf(given.block, given.rules);
  const entries = entriesByDay(given.entries);
  const mornings = new Map(given.mornings.map((each) => [each.date, each]));
  const begun = given.block.weeks.filter(({ start }) => start <= given.today);
  const weeks = begun.map((week) => {
    const days = week.days
      .filter(({ date }) => date <= given.today)
      .map((day) =>
        reviewDay(
          { day, week: week.number },
          { entries: entries.get(day.date) ?? [], morning: mornings.get(day.date) },
          paces,
        ),
      );
    return reviewWeek(given, week, days);
  });
  return { ...given, weeks, days: weeks.flatMap(({ days }) => days) };
}

function reviewWeek(
  { block: { spec }, today }: ReviewGiven,
  week: Week,
  days: DayReviewed[],
): WeekReviewed {
  const { basis } = spec.athlete;
  const isOver = (week.days.at(-1)?.date ?? today) < today;
  const training = days.filter(({ day }) => day.role !== 'race');
  const long = days.find(({ day }) => day.role === 'long');
  const hard = days.filter(({ day }) => isHardRunning(day));
  const isKnown = days.some(({ entries }) => entries.length > 0);
  const unknown = days.filter(
    ({ day, done }) => day.date < today && day.role !== 'race' && done.state === 'unknown',
  ).length;
  const isWhole = isOver && isKnown && unknown === 0;
  return {
    week,
    days,
    isOver,
    isKnown,
    unknown,
    isWhole,
    planned: sum(week.days.map((day) => (day.role === 'race' ? 0 : day[basis]))),
    run: sum(training.map(({ done }) => done[basis === 'time' ? 'time' : 'distance'])),
    longRun: {
      planned: week.longRun,
      run: long && long.done.state !== 'unknown' ? long.done[basis] : undefined,
    },
    hard: {
      planned: week.days.filter(isHardRunning).length,
      done: hard.filter(({ done }) => done.state === 'run').length,
    },
    load: sum(days.map(({ load = 0 }) => load)),
    monotony: isWhole ? monotonyOf(days.map(({ load = 0 }) => load)) : undefined,
  };
}

/** The paces that days are held against, each worked out once. */
export function dayPacesOf({ spec }: Pick<Block, 'spec'>, rules: HouseRules): DayPaces {
  const times = dayTimes(spec, rules);
  const sessions = sessionPacesOn(spec, times);
  const known = new Map<TimeFor, Map<string, PaceRange | undefined>>();
  const rangeIn = (used: TimeFor, id: string) => {
    const pace = spec.paces.table.find((each) => each.id === id);
    return pace && rangeOf(pace, used);
  };
  const easyRange: DayPaces['easyRange'] = (day, atRecovery) => {
    const used = times(day);
    if (!used) return undefined;
    const id = atRecovery ? 'recovery' : 'easy';
    const ranges = known.get(used) ?? new Map<string, PaceRange | undefined>();
    known.set(used, ranges);
    if (!ranges.has(id)) ranges.set(id, rangeIn(used, id));
    return ranges.get(id);
  };
  return {
    easyRange,
    sessionPaces: sessions,
    athlete: spec.athlete,
  };
}
