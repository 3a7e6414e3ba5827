import {
  countWeeks,
  differenceInDays,
  type Measure,
  startOfWeek,
  type Weekday,
} from '../../base/index.js';
import type { BlockSpec, Issue } from '../../spec/index.js';
import { type Block, layWeeks, validateSpec } from '../../layout/index.js';
import { applyChange } from '../index.js';
import { longRunsOf } from './plan-long-runs.js';
import { type UntakenCell, writeCells, type WrittenCell } from '../sheet/index.js';
import type { PlanCell } from './plan-cells.js';

/** What a plan is for. */
export interface PlanFor {
  /** The athlete, the race, the coach's tables and the first day of their weeks. */
  given: BlockSpec & { race: { date: string }; weekStartsOn: Weekday };
  measure: Measure;
}

/** A plan as a block, or what stands in its way. */
export type PlannedBlock =
  | { ok: true; spec: BlockSpec; taken: number; untaken: UntakenCell[] }
  | { ok: false; problems: Issue[] };

/**
 * A coach's own plan as a block: its days are fixed as they are written, its
 * weeks are the sum of their days, or the figure beside them where there is
 * one, and the rest is worked out around it.
 */
export function planBlock(cells: readonly PlanCell[], { given, measure }: PlanFor): PlannedBlock {
  const { race, weekStartsOn } = given;
  const first = cells.reduce((least, { date }) => (date < least ? date : least), race.date);
  const start = startOfWeek(first, weekStartsOn);
  const spec: BlockSpec = {
    ...given,
    start,
    weeks: countWeeks(start, race.date, weekStartsOn),
    // A plan of the coach's own has its tests in it.
    events: given.events ?? [],
    ...longRunsOf(cells, given),
  };
  const problems = validateSpec(spec);
  if (problems.length > 0) return { ok: false, problems };
  const { block } = layWeeks(spec);
  const written = cells.flatMap(({ kind, date, text }): WrittenCell[] => {
    // The race is a fact of the block.
    if (kind === 'day') return date === race.date ? [] : [{ cell: { kind, date }, text }];
    const week = Math.floor(differenceInDays(date, start) / 7) + 1;
    return [{ cell: { kind, week }, text }];
  });
  const all = [...written, ...restsBetween(block, written, race.date)];
  const { command, taken, untaken } = writeCells(block, all, measure, { givesWay: 'volume' });
  const planned = command ? applyChange<BlockSpec>(block.spec, command.change) : block.spec;
  const left = validateSpec(planned);
  return left.length > 0
    ? { ok: false, problems: left }
    : { ok: true, spec: planned, taken: taken - (all.length - written.length), untaken };
}

/** An empty day beside written ones is a day of rest. */
function restsBetween(
  { weeks }: Block,
  written: readonly WrittenCell[],
  raceDate: string,
): WrittenCell[] {
  const dates = new Set(written.flatMap(({ cell }) => (cell.kind === 'day' ? [cell.date] : [])));
  return weeks.flatMap(({ days }) =>
    days.some(({ date }) => dates.has(date))
      ? days.flatMap(({ date }): WrittenCell[] =>
          dates.has(date) || date >= raceDate
            ? []
            : [{ cell: { kind: 'day', date }, text: 'rest' }],
        )
      : [],
  );
}
