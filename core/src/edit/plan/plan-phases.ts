import { type CivilDate, differenceInDays } from '../../base/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { kindOf, nameOf } from './forms/index.js';
import type { PlanCell } from './plan-cells.js';

/** A lighter week within a phase is no phase of its own. */
const LIGHTER = /recover|cut ?back|down week|deload|easy week|rest week/i;

/** `wk 5`: a number is no name. */
const COUNTED = /^(?:week|wk|w|no)\.?$/i;

/** Phases that a block may have. */
const MOST = 12;

type OwnPhase = NonNullable<NonNullable<BlockSpec['phases']>['own']>[number];

/**
 * The phases of a plan that names them, week by week or above its weeks: `Base 1`, `BUILD`.
 * What is named otherwise is trained as the phase before it. Undefined where its first week
 * has no name, or no name is known.
 */
export function phasesOf(
  cells: readonly PlanCell[],
  { start, weeks }: { start: CivilDate; weeks: number },
): OwnPhase[] | undefined {
  const named = cells.filter(
    ({ kind, text }) => kind === 'phase' && !LIGHTER.test(text) && !COUNTED.test(nameOf(text)),
  );
  const byWeek = new Map(
    named.map(({ date, text }) => [Math.floor(differenceInDays(date, start) / 7), nameOf(text)]),
  );
  const names = Array.from({ length: weeks }, (_, week) => byWeek.get(week));
  const kinds = names.flatMap((name) => kindOf(name ?? '') ?? []);
  const [first] = kinds;
  if (names[0] === undefined || first === undefined) return undefined;
  const phases: OwnPhase[] = [];
  for (const name of names) {
    const last = phases.at(-1);
    const goesOn = name === undefined || name.toLowerCase() === last?.name.toLowerCase();
    if (last && goesOn) last.weeks += 1;
    else if (name !== undefined) {
      phases.push({ kind: kindOf(name) ?? last?.kind ?? first, name, weeks: 1 });
    }
  }
  return phases.length <= MOST ? phases : undefined;
}
