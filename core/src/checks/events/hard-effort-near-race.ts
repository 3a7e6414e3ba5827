import { differenceInDays, sum } from '../../base/index.js';
import { isLongRace, layoutStep } from '../../rules/index.js';
import {
  LAST_DAYS,
  LONGEST_IN_QUIET_DAYS,
  nearRaceLimit,
  quietDays,
  shortestRun,
} from '../../rules/limits/index.js';
import type { Day } from '../../layout/block/index.js';
import { check, type CheckContext, type Observation } from '../common/check.js';
import { type BlockDay, daysToRace } from '../common/days-to-race.js';
import { longestRun } from '../common/longest-run.js';

/**
 * Hard or long running in the quiet days before the race, by what is run and not
 * by a day's name; on the eve anything but a shake-out is a stop. Value and limit:
 * days before the race.
 */
export const hardEffortNearRace = check({
  code: 'hard-effort-near-race',
  level: 'caution',
  stops: true,
  run(context) {
    const { block, rules } = context;
    const { race } = block.spec;
    const limit = quietDays(rules, race.distance);
    const most = mostOf(context);
    const last = daysToRace(block).slice(-limit - 1);
    return last.flatMap(({ week, day }): Observation[] => {
      const value = differenceInDays(race.date, day.date);
      const isQuiet = value > 0 && value < limit && day.time > 0;
      if (!isQuiet || !isTooMuch(day, value, most)) return [];
      const found = { weeks: [week], dates: [day.date], value, limit };
      return [value === 1 ? { ...found, level: 'stop' } : found];
    });
  },
});

/** Seconds of easy running that are still a shake-out. */
const SHAKE_OUT = 35 * 60;
/** Policy: seconds of a last session, whatever is usual, for races up to so many metres. */
const LAST_SESSIONS = [
  { upTo: 1500, hard: 3 * 60 },
  { upTo: 3000, hard: 7 * 60 },
  { upTo: Infinity, hard: 12.5 * 60 },
];

/** The most that is run in quiet days. Seconds, and the longest long run in m or s. */
interface Most {
  basis: 'distance' | 'time';
  hard: number;
  longest: number;
  /** An easy run of the last days. */
  easy: number;
  /** Part of the longest that a last long run may be. */
  long: number;
}

function mostOf({ block, rules }: CheckContext): Most {
  const { spec, weeks } = block;
  const building = weeks.filter(({ kind }) => kind === 'building');
  const usual = building.flatMap(({ days }) => days.filter(isSession));
  const mean = sum(usual.map(({ hardTime }) => hardTime)) / Math.max(1, usual.length);
  const { distance } = spec.race;
  const { basis } = spec.athlete;
  const longest = Math.max(...weeks.map(({ longRun }) => longRun));
  return {
    basis,
    hard: Math.max(mean / 2, LAST_SESSIONS.find(({ upTo }) => distance <= upTo)?.hard ?? 0),
    longest,
    easy: nearRaceLimit(longest, shortestRun(rules, basis, layoutStep(spec.athlete, rules))),
    long: isLongRace(distance) ? rules.longRun.taperShares.oneWeekOut : 1,
  };
}

function isSession(day: Day): boolean {
  return day.role === 'quality' && day.hardTime > 0;
}

function isTooMuch(day: BlockDay['day'], daysOut: number, most: Most): boolean {
  if (day.role === 'tune-up' || day.role === 'test') return true;
  if (daysOut === 1) return day.hardTime > 0 || day.time > SHAKE_OUT;
  if (day.hardTime > most.hard) return true;
  const run = longestRun(day, most.basis);
  if (day.role === 'long') return run > most.long * most.longest + 0.5;
  // A last session is as long as its warm-up makes it.
  const isLong = day.role !== 'quality' && run > most.easy + 0.5;
  return (
    longestRun(day, 'time') > LONGEST_IN_QUIET_DAYS ||
    (daysOut <= LAST_DAYS && most.longest > 0 && isLong && day.time > SHAKE_OUT)
  );
}
