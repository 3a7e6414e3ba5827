import { layFrame } from '../frame/frame.js';
import { countBack, countWeeks, startOfWeek } from '../../base/weeks.js';
import { type CivilDate, addDays } from '../../base/civil-date.js';
import type { Weekday } from '../../base/weekday.js';
import { defaultPaces } from '../../paces/default-paces.js';
import { easyPaces } from '../../paces/easy-pace.js';
import { eventDays } from '../events/event-days.js';
import { type HouseRules, raceRules } from '../../rules/house-rules.js';
import { type RuleChanges, type SomeRuleChanges, rulesOf } from '../../rules/rule-changes.js';
import { suggestUses } from '../../sessions/library/suggest-uses.js';
import { suggestLongRun } from './suggest-long-run.js';
import { countRises } from '../volume/rises.js';
import { type Reasons, reasonsOf } from '../../present/reasons.js';
import { suggestVolume } from './suggest-volume.js';
import { suggestWeek } from './suggest-week.js';
import type { Athlete, Given, Race, Wishes } from '../../spec/block-spec.js';

/** Wishes with nothing left out, and a sentence for each answer that was worked out. */
export interface Settled {
  wishes: Wishes;
  /** Asked for by the questions alone, not by every lay-out. */
  reasons: () => Reasons;
}

/**
 * Works out every answer the coach has not given, from the athlete, the race
 * and the house rules. Pure: the same wishes always settle the same, and
 * settled wishes settle to themselves.
 */
export function settle(given: Given): Settled {
  const rules = rulesOf(given);
  const weekStartsOn = given.weekStartsOn ?? 'monday';
  const athlete = settleAthlete(given);
  const dates = settleDates(given, weekStartsOn, rules);
  const paces = settlePaces(given);
  const subject = { athlete, paces, ...dates };
  const asked = given.volume?.peak;
  const pace = easyPaces(
    { volume: asked === undefined ? undefined : { peak: asked }, ...subject },
    rules,
  )(dates.start);
  const week = suggestWeek(given, athlete, weekStartsOn);
  const weeks = {
    weekStartsOn,
    phases: {
      layout: given.phases?.layout ?? suggestLayout(athlete, dates.race),
      own: given.phases?.own ?? [],
    },
    taper: { school: given.taper?.school ?? 'three-steps', depth: given.taper?.depth },
    week,
    ...dates,
  };
  const events = sortedEvents(given.events ?? []);
  const byDay = eventDays(events, rules);
  const suggestion = { given, rules, athlete, ...dates, pace, week };
  const volume = suggestVolume(
    suggestion,
    (wish) => countRises(layFrame({ volume: wish, ...weeks }, rules, byDay), wish).count,
  );
  // Known only now: how far a marathon is made careful depends on the heaviest week.
  const laidPace =
    volume.peak === asked ? pace : easyPaces({ volume, ...subject }, rules)(dates.start);
  const wishes: Wishes = {
    athlete,
    volume,
    longRun: suggestLongRun({ volume, ...suggestion, pace: laidPace }),
    paces,
    events,
    pins: sortedPins(given.pins ?? []),
    days: sortedDays(given.days ?? []),
    sessions: given.sessions ?? suggestUses(dates.race.distance),
    waivers: given.waivers ?? [],
    houseRules: settleChanges(given.houseRules),
    overrides: settleChanges(given.overrides),
    previousRace: settlePrevious(given.previousRace),
    ...weeks,
  };
  return { wishes, reasons: () => reasonsOf(given, wishes, laidPace, rules) };
}

function settleAthlete({ athlete }: Given): Athlete {
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
  };
}

function settlePaces({ paces }: Given): Wishes['paces'] {
  return {
    table: paces?.table ?? defaultPaces,
    aim: paces?.aim ?? 'current',
    repaced: [...(paces?.repaced ?? [])].sort(),
    distances: paces?.distances ?? [],
  };
}

/** A race date counts back to the start; a fixed start counts on to race day, the last day of its week. */
function settleDates(
  { start, race, weeks }: Given,
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

function suggestLayout(athlete: Athlete, race: Race): Wishes['phases']['layout'] {
  if (athlete.oftenHurt) return 'three-runs-a-week';
  return race.distance <= 3000 ? 'three-by-four' : 'base-strength-intervals-taper';
}

function sortedPins(pins: Wishes['pins']): Wishes['pins'] {
  return [...pins].sort((a, b) => a.week - b.week);
}

function sortedDays(days: Wishes['days']): Wishes['days'] {
  return [...days].sort((a, b) => a.date.localeCompare(b.date));
}

function sortedEvents(events: Wishes['events']): Wishes['events'] {
  return [...events].sort((a, b) => a.from.localeCompare(b.from));
}

function settleChanges(changes: SomeRuleChanges | undefined): RuleChanges {
  return { values: changes?.values ?? {}, off: changes?.off ?? [] };
}

function settlePrevious(race: Given['previousRace']): Wishes['previousRace'] {
  if (race?.date === undefined || race.distance === undefined) return undefined;
  return { name: race.name ?? '', date: race.date, distance: race.distance };
}
