import type { BlockFile } from '@nadir/contract';
import { addDays, type CivilDate, countWeeks, startOfWeek, type Weekday } from '@nadir/core/base';
import { settledSpec } from '@nadir/core/edit/answers';
import { resolveSpec, suggestWeeks } from '@nadir/core/layout';
import { canResolve, validateSpec } from '@nadir/core/layout/validate';
import { type Reasons, reasonsOf, whyWeeks } from '@nadir/core/present';
import { rulesOf, type SomeRuleChanges } from '@nadir/core/rules';
import type { Issue, ResolvedSpec } from '@nadir/core/spec';
import type { NamedPace } from '@nadir/core/spec/choices';
import { blockHeading, givenOf, problemsOfShape } from '@nadir/contract';
import * as wording from './wording.js';

/** The distances most coaches coach for; any other is typed. */
export const raceDistances = [
  [800, '800 m'],
  [1500, '1500 m'],
  [1609, 'mile'],
  [3000, '3000 m'],
  [5000, wording.n5Km],
  [10_000, wording.n10Km],
  [21_097.5, wording.halfMarathon],
  [42_195, 'marathon'],
] as const;

const FIRST_DISTANCE = 10_000;
export const UNNAMED_RACE = wording.goalRace;

/** The wishes a new block starts from: a race far enough away to prepare for. */
export function freshWishes(
  today: CivilDate,
  weekStartsOn: Weekday,
  houseRules: SomeRuleChanges,
  table: NamedPace[] | null,
): BlockFile {
  const weeks = suggestWeeks(FIRST_DISTANCE, Infinity, rulesOf({ houseRules }));
  const monday = startOfWeek(today, 'monday');
  return {
    ...blockHeading,
    weekStartsOn,
    houseRules,
    ...(table && { paces: { table } }),
    race: { name: UNNAMED_RACE, date: addDays(monday, 7 * weeks + 6), distance: FIRST_DISTANCE },
  };
}

export interface Answered {
  wishes: ResolvedSpec;
  reasons: Reasons;
  /** What can be drawn and kept; undefined while a problem stands. */
  file: BlockFile | undefined;
  problems: Issue[];
}

/**
 * Works out every open answer, and what stands in the way. A race that has been
 * run does, unless the block is one that was lived with.
 */
export function answer(asked: BlockFile, today: CivilDate, { mayBePast = false } = {}): Answered {
  const shape = problemsOfShape(asked);
  if (shape.length > 0) return unanswered(asked, today, shape);
  const { date, distance } = asked.race;
  const weekStartsOn = asked.weekStartsOn ?? 'monday';
  const left = date === undefined ? Infinity : countWeeks(today, date, weekStartsOn);
  const suggested = suggestWeeks(distance, left, rulesOf(asked));
  const file =
    asked.weeks === undefined && asked.start === undefined ? { ...asked, weeks: suggested } : asked;
  const given = givenOf(file);
  const past = mayBePast ? [] : pastRace(date, today);
  const problems = past.length > 0 ? past : validateSpec(given);
  const shown = canResolve(given) ? given : { race: { ...asked.race, date: today } };
  const reasons = reasonsOf(shown);
  return {
    // What cannot be laid out is worked out as far as it goes.
    wishes: problems.length > 0 ? resolveSpec(shown) : settledSpec(shown),
    reasons:
      asked.weeks === undefined
        ? { ...reasons, weeks: whyWeeks(distance, left, rulesOf(asked)) }
        : reasons,
    file: problems.length > 0 ? undefined : file,
    problems,
  };
}

/** For what cannot even be written down: nothing is worked out of it but a plain block. */
function unanswered({ race: { name } }: BlockFile, today: CivilDate, problems: Issue[]): Answered {
  const plain = { race: { name, date: today, distance: FIRST_DISTANCE } };
  return { wishes: resolveSpec(plain), reasons: reasonsOf(plain), file: undefined, problems };
}

function pastRace(date: CivilDate | undefined, today: CivilDate): Issue[] {
  if (date === undefined || date >= today) return [];
  return [
    {
      code: 'race-in-the-past',
      path: ['race', 'date'],
      message: wording.thatDayHasPassed,
    },
  ];
}
