import {
  type CivilDate,
  countWeeks,
  differenceInDays,
  type Measure,
  startOfWeek,
  type Weekday,
} from '../../base/index.js';
import type { FixedDay } from '../../spec/days/index.js';
import type { BlockSpec, Issue } from '../../spec/index.js';
import { layWeeks } from '../../layout/index.js';
import type { Block } from '../../layout/block/index.js';
import { validateSpec } from '../../layout/validate/index.js';
import { applyChange, type Change } from '../index.js';
import { withEasyFigures } from './plan-figures.js';
import { phasesOf } from './plan-phases.js';
import { withRaceCounted } from './plan-race-week.js';
import { racesOf } from './plan-races.js';
import { onTheirDays, warmedUp, withHardDays } from './plan-sessions.js';
import { longRunsOf } from './plan-long-runs.js';
import { withWarmUps } from './plan-warm-ups.js';
import { withItsWeeks } from './plan-weeks.js';
import { readWork, type UntakenCell, writeCells, type WrittenCell } from '../sheet/index.js';
import type { PlanCell } from './plan-cells.js';

/** What a plan is for. */
export interface PlanFor {
  /** The athlete, the race, the coach's tables and the first day of their weeks. */
  given: BlockSpec & { race: { date: string }; weekStartsOn: Weekday };
  measure: Measure;
}

/** A plan as a block, or what stands in its way. */
export type PlannedBlock =
  | {
      ok: true;
      spec: BlockSpec;
      taken: number;
      untaken: UntakenCell[];
      /** m or s of race week before the race, where its figure is taken to count the race. */
      beforeRace: number | undefined;
      /** Sessions that stand alone and have what their week’s figure leaves around them. */
      warmedUp: number;
    }
  | { ok: false; problems: Issue[] };

/**
 * A coach's own plan as a block: its days are fixed as they are written, its
 * weeks are the sum of their days, or the figure beside them where there is
 * one, and the rest is worked out around it; no session but the coach's where
 * the plan names any.
 */
export function planBlock(cells: readonly PlanCell[], { given, measure }: PlanFor): PlannedBlock {
  const { race, weekStartsOn } = given;
  const first = cells.reduce((least, { date }) => (date < least ? date : least), race.date);
  const start = startOfWeek(first, weekStartsOn);
  const { longest, ...longRuns } = longRunsOf(cells, given);
  const races = racesOf(cells, race.date, longest);
  const weeks = countWeeks(start, race.date, weekStartsOn);
  const own = phasesOf(cells, { start, weeks });
  const spec: BlockSpec = {
    ...given,
    start,
    weeks,
    ...(own && { phases: { layout: 'own', own } }),
    // A plan of the coach's own has its tests in it.
    events: [...(given.events ?? []), ...races],
    ...longRuns,
  };
  const problems = validateSpec(spec);
  if (problems.length > 0) return { ok: false, problems };
  const block = withItsLongRuns(spec, longest, races);
  // The goal race and those on the way are facts of the block.
  const raced = new Set([race.date, ...races.map(({ from }) => from)]);
  const open = new Set(cells.flatMap(({ kind, date }) => (kind === 'open' ? [date] : [])));
  const openWeeks = new Set([...open].map((date) => startOfWeek(date, weekStartsOn)));
  const written = cells.flatMap(({ kind, date, text }): WrittenCell[] => {
    if (kind === 'phase' || kind === 'session' || kind === 'open') return [];
    if (kind === 'day') {
      if (raced.has(date)) return [];
      const said = withRest(text);
      const isKey = openWeeks.has(startOfWeek(date, weekStartsOn));
      const whole = isKey ? warmedUp(said, date, { spec: block.spec, measure }) : said;
      return [{ cell: { kind, date }, text: whole }];
    }
    const week = Math.floor(differenceInDays(date, start) / 7) + 1;
    return [{ cell: { kind, week }, text }];
  });
  const key = onTheirDays(cells, block, measure);
  const ours = [...restsBetween(block, written, new Set([...raced, ...open])), ...key.eased];
  const all = [...written, ...key.written, ...ours];
  const { command, taken, untaken } = writeCells(block, all, measure, {
    givesWay: 'volume',
  });
  const change = command && withFigures(command.change, { written, key: key.written, open }, block);
  const { spec: counted, beforeRace } = withRaceCounted(
    change ? applyChange<BlockSpec>(block.spec, change) : block.spec,
    open,
  );
  const around = withWarmUps(counted, measure);
  const planned = change ? withItsWeeks(around.spec, given) : counted;
  const left = validateSpec(planned);
  return left.length > 0
    ? { ok: false, problems: left }
    : {
        ok: true,
        spec: planned,
        taken: taken - ours.length + races.length,
        untaken: [...untaken, ...key.untaken],
        beforeRace,
        warmedUp: around.warmedUp,
      };
}

/** The block around the long runs of a plan, be it that one of its own would be on another day of the week. */
function withItsLongRuns(
  spec: BlockSpec,
  longest: ReadonlySet<CivilDate>,
  races: readonly { from: CivilDate }[],
): Block {
  const { block } = layWeeks(spec);
  const isRaced = (date: CivilDate) => races.some(({ from }) => from === date);
  const moved = block.weeks.flatMap(({ days }): FixedDay[] => {
    const own = days.find(({ date }) => longest.has(date));
    const isElsewhere = days.some(({ date, role }) => role === 'long' && date !== own?.date);
    return own && isElsewhere && !isRaced(own.date) ? [{ date: own.date, role: 'long' }] : [];
  });
  if (moved.length === 0) return block;
  return layWeeks({ ...spec, days: [...(spec.days ?? []), ...moved] }).block;
}

/** A change with its figures as easy running, and its key sessions as hard days. */
function withFigures(
  change: Change,
  {
    written,
    key,
    open,
  }: {
    written: readonly WrittenCell[];
    key: readonly WrittenCell[];
    open: ReadonlySet<CivilDate>;
  },
  block: Block,
): Change {
  if (!change.days) return change;
  const days = withHardDays(change.days, key);
  return { ...change, days: withEasyFigures(days, { written: datesOf(written), open }, block) };
}

function datesOf(written: readonly WrittenCell[]): ReadonlySet<CivilDate> {
  return new Set(written.flatMap(({ cell }) => (cell.kind === 'day' ? [cell.date] : [])));
}

/** A day of a plan that names work and no running is not run: its cell is all there is of it. */
function withRest(text: string): string {
  return readWork(text.trim()) ? `rest + ${text}` : text;
}

/** An empty day beside written ones is a day of rest, but for those of races and those left open. */
function restsBetween(
  { weeks, spec }: Block,
  written: readonly WrittenCell[],
  others: ReadonlySet<CivilDate>,
): WrittenCell[] {
  const dates = datesOf(written);
  return weeks.flatMap(({ days }) =>
    days.some(({ date }) => dates.has(date))
      ? days.flatMap(({ date }): WrittenCell[] =>
          dates.has(date) || date > spec.race.date || others.has(date)
            ? []
            : [{ cell: { kind: 'day', date }, text: 'rest' }],
        )
      : [],
  );
}
