import { addDays, countWeeks, differenceInDays, roundTo, startOfWeek } from '../base/index.js';
import { afterRace, layoutStep, newestEngine, raceRules, rulesOf } from '../rules/index.js';
import type { BlockSpec } from '../spec/index.js';
import type { Block } from '../layout/block/index.js';

/** Policy: a block after a goal race starts at this part of the heaviest week before it. */
const START_SHARE = 0.7;
/** Policy: and its first long run at this part of the longest. */
const LONG_RUN_SHARE = 0.6;

/**
 * The spec of a block toward the next goal race, started from the one before
 * it: easy days after the first race by its distance, then from a good part of
 * what was held. Without a date the next race stands as far off as the house
 * rules ask for at the least, from that race and for a block toward this one.
 */
export function followingBlock(
  block: Block,
  next: { name: string; distance: number; date?: string | undefined },
): BlockSpec {
  const { spec, weeks } = block;
  const { race, weekStartsOn, athlete } = spec;
  const rules = rulesOf(spec);
  const step = layoutStep(athlete, rules);
  const { quietUntil, nextFrom } = afterRace(rules, race);
  const rested = addDays(quietUntil, 1);
  const monday = startOfWeek(addDays(rested, 6), weekStartsOn);
  const { least } = raceRules(rules, next.distance).weeks;
  const missing = Math.max(0, least - countWeeks(monday, nextFrom, weekStartsOn));
  const date = next.date ?? addDays(nextFrom, 7 * missing);
  const start = differenceInDays(date, monday) > 0 ? monday : startOfWeek(date, weekStartsOn);
  const heaviest = Math.max(...weeks.map(({ volume }) => volume));
  const longest = Math.max(...weeks.map(({ longRun }) => longRun));
  return {
    engine: newestEngine,
    athlete: { ...athlete, recentWeeks: lastBuilt(block), longestRecentRun: longest },
    race: { name: next.name, distance: next.distance, date },
    weeks: countWeeks(start, date, weekStartsOn),
    weekStartsOn,
    phases: spec.phases.layout === 'own' ? undefined : spec.phases,
    volume: {
      start: roundTo(heaviest * START_SHARE, step),
      recovery: { ...spec.volume.recovery, weeks: undefined },
    },
    longRun: { start: roundTo(longest * LONG_RUN_SHARE, step) },
    taper: { school: spec.taper.school },
    week: spec.week,
    paces: { table: spec.paces.table, aim: spec.paces.aim },
    houseRules: spec.houseRules,
    overrides: spec.overrides,
    previousRace: { name: race.name, date: race.date, distance: race.distance },
  };
}

/** The last four weeks before the taper: what the athlete has held. */
function lastBuilt({ weeks }: { weeks: readonly { kind: string; volume: number }[] }): number[] {
  const built = weeks.filter(({ kind }) => kind === 'building');
  return built.slice(-4).map(({ volume }) => volume);
}
