import type { Athlete, Race } from '../../spec/index.js';
import type { BlockEvent } from '../../spec/days/index.js';
import {
  addDays,
  type CivilDate,
  daysUntilWeekday,
  differenceInDays,
  weekdayOf,
} from '../../base/index.js';
import type { HouseRules } from '../../rules/index.js';
import type { Frame, FrameWeek } from '../frame/frame.js';
import type { Outline } from './outline.js';

/** Tests of a suggestion: a race of at least so many metres, and what is run to predict it. */
const TESTS = [
  { from: 10_000, distance: 5000 },
  { from: 3000, distance: 3000 },
  { from: 0, distance: 1500 },
];

/** Policy: the weeks of late hold a test so many times over; the shortest is run whatever they hold. */
const WEEK_OF_TESTS = 6;

/** Policy: seconds a kilometre of those who count by time, where nothing is run yet that says more. */
const KILOMETRE_BY_TIME = 360;

/**
 * Time trials so that no stretch of a block goes longer without a test than the
 * house rule has it: each in the recovery week nearest to the middle of a stretch,
 * late in the week and clear of its long run. None for an athlete who is injured
 * or often hurt, and none where a stretch has no recovery week.
 */
export function suggestTests(outline: Outline, frame: Frame, rules: HouseRules): BlockEvent[] {
  const { athlete, start, race } = outline;
  if (athlete.injured || athlete.oftenHurt) return [];
  const distance = testDistance(athlete, race);
  const days = frame.weeks.flatMap((week) =>
    week.kind === 'recovery' ? testDay(outline, week) : [],
  );
  const tested: CivilDate[] = [];
  for (;;) {
    const edges = [start, ...tested, race.date].sort();
    const next = edges.slice(1).flatMap((to, index) => {
      const from = edges[index] ?? to;
      const isLong = Math.floor(differenceInDays(to, from) / 7) > rules.paces.weeksToTest;
      return isLong ? nearestToMiddle(days, { from, to }) : [];
    })[0];
    if (next === undefined) break;
    tested.push(next);
  }
  return tested.sort().map((from) => ({ kind: 'test', name: 'Time trial', from, distance }));
}

/** For the race, and no more than the athlete's weeks bear. */
function testDistance({ recentWeeks, basis }: Athlete, race: Race): number | undefined {
  const each = basis === 'time' ? 1000 / KILOMETRE_BY_TIME : 1;
  const week = recentWeeks.length > 0 ? each * Math.max(...recentWeeks) : Infinity;
  const suited = TESTS.filter(({ from }) => race.distance >= from);
  const bearable = suited.find(({ distance }) => WEEK_OF_TESTS * distance <= week);
  return (bearable ?? suited.at(-1))?.distance;
}

function nearestToMiddle(
  days: readonly CivilDate[],
  { from, to }: { from: CivilDate; to: CivilDate },
): CivilDate[] {
  const middle = addDays(from, Math.round(differenceInDays(to, from) / 2));
  const away = (day: CivilDate) => Math.abs(differenceInDays(day, middle));
  const within = days.filter((day) => day > from && day < to);
  return within.sort((one, other) => away(one) - away(other)).slice(0, 1);
}

/** Days of a week before which no test is run: its first ones are for resting. */
const FIRST_DAYS = 3;

/** The last free day of a week, clear of its long run on either side. */
function testDay({ week, athlete }: Outline, { start, length }: FrameWeek): CivilDate[] {
  const dates = Array.from({ length }, (_, day) => addDays(start, day)).slice(FIRST_DAYS);
  const clear = dates.filter((date) => {
    const until = daysUntilWeekday(weekdayOf(date), week.longRunOn);
    const isBeside = until <= 1 || until === 6;
    return !isBeside && !athlete.unavailable.includes(weekdayOf(date));
  });
  const run = clear.filter((date) => !week.restOn.includes(weekdayOf(date)));
  return (run.length > 0 ? run : clear).slice(-1);
}
