import {
  dateWords,
  formatDuration,
  formatPace,
  formatRaceDistance,
} from '../../base/format/index.js';
import type { NamedPace, Result } from '../../spec/choices/index.js';
import type { CivilDate, Unit } from '../../base/index.js';
import { type Athlete, type Issue, issue, type Race, type ResolvedSpec } from '../../spec/index.js';

/** Seconds per km that nobody runs faster, or runs at all slower. */
const RUNS = { fastest: 95, slowest: 1200 } as const;

/** The goal, results, heart rates and named paces that cannot be. */
export function validatePaces({ athlete, race, paces }: ResolvedSpec): Issue[] {
  return [
    ...validateGoal(race, athlete.unit),
    ...athlete.results.flatMap((result, index) => validateResult(result, index, athlete.unit)),
    ...validateHeart(athlete),
    ...issuesOfPaces(paces.table).map((found) => ({
      ...found,
      path: ['paces', 'table', ...found.path],
    })),
  ];
}

/** Results dated after `today`: a slip of the year, mostly. */
export function validateToday(results: readonly Result[], today: CivilDate): Issue[] {
  return results.flatMap(({ date }, index) =>
    date > today
      ? [
          issue(
            'result-in-future',
            ['athlete', 'results', index, 'date'],
            `${dateWords(date)} is still to come. Enter a result when it has been run.`,
          ),
        ]
      : [],
  );
}

/** What no record of an athlete may hold: results that cannot be or are still to come, heart rates that cross. */
export function validateRecord(facts: Partial<Athlete>, today: CivilDate): Issue[] {
  const { results = [], unit = 'km' } = facts;
  return [
    ...results.flatMap((result, index) => validateResult(result, index, unit)),
    ...validateToday(results, today),
    ...validateHeart(facts),
  ];
}

function validateResult({ distance, time }: Result, index: number, unit: Unit): Issue[] {
  const message = notRun(distance, time, unit);
  if (message === undefined) return [];
  return [issue('result-out-of-range', ['athlete', 'results', index, 'time'], message)];
}

function validateGoal({ distance, goalTime }: Race, unit: Unit): Issue[] {
  const message = goalTime === undefined ? undefined : notRun(distance, goalTime, unit);
  if (message === undefined) return [];
  return [issue('goal-out-of-range', ['race', 'goalTime'], message)];
}

/** Why nobody runs a distance in a time; undefined where somebody may. */
function notRun(distance: number, time: number, unit: Unit): string | undefined {
  const pace = (time / distance) * 1000;
  if (pace >= RUNS.fastest && pace <= RUNS.slowest) return undefined;
  const what = `${formatRaceDistance(distance, unit)} in ${formatDuration(time)} is ${formatPace(pace, unit)}`;
  const why = pace < RUNS.fastest ? 'faster than anyone runs' : 'slower than walking';
  return `${what}, ${why}. Check the time and the distance.`;
}

function validateHeart({ maxHeart, restHeart }: Partial<Athlete>): Issue[] {
  if (maxHeart === undefined || restHeart === undefined || restHeart < maxHeart) return [];
  return [
    issue(
      'heart-rates-cross',
      ['athlete', 'restHeart'],
      `The resting heart rate of ${restHeart} is not below the highest, ${maxHeart}. Check the two.`,
    ),
  ];
}

/** Words of a pace that mean another one too: a session could not tell which. */
function wordsTwice(table: readonly NamedPace[], index: number): Issue[] {
  const pace = table[index];
  return (pace?.also ?? []).flatMap((word): Issue[] => {
    const other = table.find(
      (each, place) =>
        place !== index &&
        (same(each.name, word) || (place < index && each.also?.some((also) => same(also, word)))),
    );
    const message = `“${word}” means “${other?.name ?? ''}” too. Leave it to one of the two.`;
    return other ? [issue('word-twice', [index, 'also'], message)] : [];
  });
}

/** What is wrong with a table of named paces; paths lie within the table. */
export function issuesOfPaces(table: readonly NamedPace[]): Issue[] {
  return table.flatMap((pace, index) => {
    const found: Issue[] = [];
    const at = (...path: (string | number)[]) => [index, ...path];
    const twin = table.findIndex((other) => same(other.name, pace.name) || other.id === pace.id);
    if (twin < index) {
      found.push(
        issue('pace-twice', at('name'), `“${pace.name}” stands twice. Give one another name.`),
      );
    }
    if (pace.offset[0] > pace.offset[1]) {
      found.push(
        issue(
          'pace-range-crosses',
          at('offset'),
          `The quick end of “${pace.name}” is slower than its slow end. Swap the two.`,
        ),
      );
    }
    found.push(...wordsTwice(table, index));
    const { heart } = pace;
    if (heart && heart.from > heart.to) {
      found.push(
        issue(
          'heart-rates-cross',
          at('heart', 'from'),
          `The heart rates of “${pace.name}” cross: the lower is above the upper. Swap the two.`,
        ),
      );
    }
    if (heart && heart.of !== 'beats' && heart.to > 1) {
      found.push(
        issue(
          'heart-rate-out-of-range',
          at('heart', 'to'),
          `“${pace.name}” goes above the whole of the heart rate. Shares end at 1.`,
        ),
      );
    }
    return found;
  });
}

function same(a: string, b: string): boolean {
  return a.trim().toLowerCase() === b.trim().toLowerCase();
}
