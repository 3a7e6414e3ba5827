/** Fields that version 2 added to version 1; `*` stands for every entry of a list. */
export const ADDED = [
  'athlete.injured',
  'athlete.paceModel',
  'athlete.maxHeart',
  'athlete.restHeart',
  'athlete.results.*.kind',
  'athlete.results.*.name',
  'athlete.results.*.fixed',
  'athlete.results.*.conditions',
  'athlete.results.*.full',
  'phases.own.*.closes',
  'volume.peakWeek',
  'volume.recovery.weeks',
  'longRun.segment',
  'taper.depth',
  'events',
  'week.midweek',
  'week.days',
  'week.byPhase',
  'days',
  'sessions',
  'paces',
  'waivers.*.value',
  'houseRules',
  'overrides',
  'previousRace',
] as const;

/** Paths of the fields in a file that version 1 did not have. */
export function laterFields(file: object): (string | number)[][] {
  return ADDED.flatMap((field) => found(file, field.split('.')));
}

function found(tree: unknown, [key, ...rest]: readonly string[]): (string | number)[][] {
  if (key === undefined) return tree === undefined ? [] : [[]];
  if (key === '*') {
    if (!Array.isArray(tree)) return [];
    return tree.flatMap((each, index) => found(each, rest).map((path) => [index, ...path]));
  }
  if (typeof tree !== 'object' || tree === null || !Object.hasOwn(tree, key)) return [];
  const child = (tree as Record<string, unknown>)[key];
  return found(child, rest).map((path) => [key, ...path]);
}
