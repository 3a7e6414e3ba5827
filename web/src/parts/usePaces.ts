import { type BlockFile, givenOf } from '@nadir/contract';
import {
  type CivilDate,
  type GoalGap,
  type HouseRules,
  type ModelColumn,
  type PacesOn,
  type Wishes,
  equivalentsOn,
  goalGap,
  pacesOn,
  rulesOf,
  settle,
  standardDistances,
} from '@nadir/core';
import { useMemo } from 'react';

/** Everything the view of one athlete’s paces shows, on one day. */
export interface PacesView {
  wishes: Wishes;
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
  const { wishes } = settle(givenOf(file));
  const rules = rulesOf(wishes);
  const distances = [...new Set([...standardDistances, ...wishes.paces.distances])].sort(
    (a, b) => a - b,
  );
  return {
    wishes,
    rules,
    paces: pacesOn(wishes, rules, day),
    distances,
    models: equivalentsOn(wishes, rules, day, distances),
    gap: goalGap(wishes, rules, day),
  };
}

/** Today while the block is run, else the end of it that is nearer. */
export function dayInBlock({ start, race }: Pick<Wishes, 'start' | 'race'>, today: CivilDate) {
  return today < start ? start : today > race.date ? race.date : today;
}
