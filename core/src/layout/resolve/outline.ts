import {
  addDays,
  type CivilDate,
  countBack,
  countWeeks,
  startOfWeek,
  type Weekday,
} from '../../base/index.js';
import { type HouseRules, isMiddleDistance, newestEngine, raceRules } from '../../rules/index.js';
import type { Athlete, BlockSpec, Race, ResolvedSpec } from '../../spec/index.js';
import { defaultPacesOf } from '../../paces/index.js';
import { suggestWeek } from './suggest-week.js';

/** A spec but for its amounts: all that is known before any volume is. */
export type Outline = Pick<
  ResolvedSpec,
  | 'engine'
  | 'athlete'
  | 'race'
  | 'start'
  | 'weeks'
  | 'weekStartsOn'
  | 'phases'
  | 'taper'
  | 'week'
  | 'events'
  | 'paces'
> & { volume: Pick<ResolvedSpec['volume'], 'recovery' | 'holdAtPeak' | 'peakWeek'> };

/** Weeks from which on the peak is held a second one, when not asked otherwise. */
const LONG_ENOUGH_TO_HOLD = 12;

/** The outline of a block, what was not given filled in. */
export function outlineOf(given: BlockSpec, rules: HouseRules): Outline {
  const weekStartsOn = given.weekStartsOn ?? 'monday';
  const athlete = athleteOf(given);
  const dates = datesOf(given, weekStartsOn, rules);
  return {
    engine: given.engine ?? newestEngine,
    athlete,
    weekStartsOn,
    phases: {
      layout: given.phases?.layout ?? suggestLayout(athlete, dates.race),
      own: given.phases?.own ?? [],
    },
    taper: { school: given.taper?.school ?? 'three-steps', depth: given.taper?.depth },
    week: suggestWeek(given, athlete, weekStartsOn),
    events: [...(given.events ?? [])].sort((a, b) => a.from.localeCompare(b.from)),
    paces: pacesOf(given),
    volume: cadenceOf(given, dates.weeks, rules),
    ...dates,
  };
}

function athleteOf({ athlete }: BlockSpec): Athlete {
  return {
    name: athlete?.name ?? '',
    basis: athlete?.basis ?? 'distance',
    unit: athlete?.unit ?? 'km',
    birthYear: athlete?.birthYear,
    oftenHurt: athlete?.oftenHurt ?? false,
    recentWeeks: athlete?.recentWeeks ?? [],
    longestRecentRun: athlete?.longestRecentRun,
    results: athlete?.results ?? [],
    unavailable: athlete?.unavailable ?? [],
    injured: athlete?.injured ?? false,
    paceModel: athlete?.paceModel ?? 'power-law',
    maxHeart: athlete?.maxHeart,
    restHeart: athlete?.restHeart,
    cross: athlete?.cross,
    guardianConsent: athlete?.guardianConsent,
  };
}

function pacesOf({ paces, engine }: BlockSpec): ResolvedSpec['paces'] {
  return {
    table: paces?.table ?? defaultPacesOf(engine),
    aim: paces?.aim ?? 'current',
    repaced: [...(paces?.repaced ?? [])].sort(),
    distances: paces?.distances ?? [],
  };
}

function cadenceOf({ volume }: BlockSpec, weeks: number, rules: HouseRules): Outline['volume'] {
  return {
    holdAtPeak: volume?.holdAtPeak ?? (weeks >= LONG_ENOUGH_TO_HOLD ? 2 : 1),
    peakWeek: volume?.peakWeek,
    recovery: {
      every: volume?.recovery?.every ?? rules.recovery.every,
      depth: volume?.recovery?.depth ?? rules.recovery.depth,
      reEntry: volume?.recovery?.reEntry ?? 'resume',
      weeks: volume?.recovery?.weeks,
    },
  };
}

/** A race date counts back to the start; a fixed start counts on to race day, the last day of its week. */
function datesOf(
  { start, race, weeks }: BlockSpec,
  weekStartsOn: Weekday,
  rules: HouseRules,
): { race: Race; start: CivilDate; weeks: number } {
  const length = weeks ?? raceRules(rules, race.distance).weeks.usual;
  if (race.date !== undefined) {
    const dated = { ...race, date: race.date, goalTime: race.goalTime };
    if (start === undefined) {
      return { race: dated, weeks: length, start: countBack(race.date, length, weekStartsOn) };
    }
    return { race: dated, start, weeks: countWeeks(start, race.date, weekStartsOn) };
  }
  if (start === undefined) throw new RangeError('race.date: expected a date, or a fixed start');
  const date = addDays(startOfWeek(start, weekStartsOn), 7 * length - 1);
  return { race: { ...race, date, goalTime: race.goalTime }, start, weeks: length };
}

function suggestLayout(athlete: Athlete, race: Race): ResolvedSpec['phases']['layout'] {
  if (athlete.oftenHurt) return 'three-runs-a-week';
  return isMiddleDistance(race.distance) ? 'three-by-four' : 'base-strength-intervals-taper';
}
