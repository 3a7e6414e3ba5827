import type { CivilDate } from '../../base/index.js';
import type { Block } from '../../layout/block/index.js';
import type { HouseRules } from '../../rules/index.js';
import { laySession, RACE_PACE, sessionOf, sessionPacesOf } from '../../sessions/index.js';
import { check } from '../common/check.js';
import { daysToRace } from '../common/days-to-race.js';

/** A repetition at race pace that is too much of the race. Value and limit: parts of its distance. */
export const raceRepTooLong = check({
  code: 'race-rep-too-long',
  level: 'caution',
  run({ block, rules }) {
    const { weeks, spec } = block;
    // Longer races are practised in stretches that are nowhere near the race.
    if (spec.race.distance > LONGEST_RACE) return [];
    return daysToRace(block).flatMap(({ week, day }) => {
      if (day.role !== 'quality' || day.hardTime === 0) return [];
      const tapers = (weeks[week - 1]?.taperShare ?? 1) < 1;
      const limit = tapers ? OF_RACE.taper : OF_RACE.building;
      const reps = day.sessions.map(({ shorthand }) =>
        longestRep(block, rules, shorthand, day.date),
      );
      const value = Math.max(...reps);
      return value > limit + ROUNDING ? [{ weeks: [week], dates: [day.date], value, limit }] : [];
    });
  },
});

/** Metres of race up to which repetitions are held against it. */
const LONGEST_RACE = 10_000;
/** The part of the race that a repetition at its pace may be (policy). */
const OF_RACE = { building: 0.5, taper: 1 / 3 };
/** Of minutes at a pace that is only about known. */
const ROUNDING = 0.02;
/** Part by which a pace may differ and still be the race's own. */
const AS_GOOD_AS = 0.02;

/** The longest stretch at race pace, as a part of the race's distance; 0 without one. */
function longestRep({ spec }: Block, rules: HouseRules, words: string, date: CivilDate): number {
  const session = words.includes(RACE_PACE) ? sessionOf(words) : undefined;
  if (!session) return 0;
  const paces = sessionPacesOf(spec, rules, date);
  const base = paces.find(RACE_PACE)?.pace;
  if (base === undefined) return 0;
  const reps = laySession(session, paces).stretches.filter(
    ({ pace, hard }) => hard && pace !== undefined && Math.abs(pace / base - 1) <= AS_GOOD_AS,
  );
  return Math.max(0, ...reps.map(({ distance }) => distance)) / spec.race.distance;
}
