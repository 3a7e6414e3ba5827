import { type BlockFile, givenOf } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { resolveSpec } from '@nadir/core/layout';
import {
  equivalentsOn,
  type GoalGap,
  goalGap,
  type ModelColumn,
  type PacesOn,
  pacesOn,
  standardDistances,
} from '@nadir/core/paces';
import { type HouseRules, rulesOf } from '@nadir/core/rules';
import type { ResolvedSpec } from '@nadir/core/spec';
import { useMemo } from 'react';

/** Everything the view of one athlete’s paces shows, on one day. */
export interface PacesView {
  spec: ResolvedSpec;
  rules: HouseRules;
  paces: PacesOn;
  distances: number[];
  models: ModelColumn[];
  gap: GoalGap | undefined;
}

/** Works the paces of a version out for a day. */
export function usePaces(file: BlockFile, day: CivilDate): PacesView {
  return useMemo(() => pacesView(file, day), [file, day]);
}

export function pacesView(file: BlockFile, day: CivilDate): PacesView {
  const spec = resolveSpec(givenOf(file));
  const rules = rulesOf(spec);
  const distances = [...new Set([...standardDistances, ...spec.paces.distances])].sort(
    (a, b) => a - b,
  );
  return {
    spec,
    rules,
    paces: pacesOn(spec, rules, day),
    distances,
    models: equivalentsOn(spec, rules, day, distances),
    gap: goalGap(spec, rules, day),
  };
}

/** Today while the block is run, else the end of it that is nearer. */
export function dayInBlock(
  { start, race }: Pick<ResolvedSpec, 'start' | 'race'>,
  today: CivilDate,
) {
  return today < start ? start : today > race.date ? race.date : today;
}
