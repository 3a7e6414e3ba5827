import {
  type AthleteBody,
  type BlockFile,
  blockHeading,
  problemsOfWishes,
  toBlockFile,
} from '@nadir/contract';
import type { CivilDate, Measure, Unit, Weekday } from '@nadir/core/base';
import {
  type CameAs,
  type Counted,
  countedIn,
  drawnOut,
  guessColumns,
  planBlock,
  type PlanCell,
  planCells,
  type PlanColumn,
  type PlanShape,
  raceDateIn,
  raceDistanceIn,
  startOfWeeks,
  type ReadDate,
} from '@nadir/core/edit/plan';
import type { UntakenCell } from '@nadir/core/edit/sheet';
import { resolveSpec } from '@nadir/core/layout';
import { useMemo, useState } from 'react';
import { useCoaching } from '../../api/coaching.js';
import { useSignedIn } from '../../api/session.js';
import { readFirstDate } from '../../components/read-date.js';
import * as wording from './wording.js';

/** What the coach says of the plan. */
export interface PlanAsked {
  athlete: AthleteBody;
  /** Metres of it and its day are left to the plan where they are undefined. */
  race: { name: string; date: string | undefined; distance: number | undefined };
  /** How its figures are counted; undefined where the coach leaves it to the plan. */
  counted: Counted | undefined;
  /** How they are where neither says it. */
  usual: Counted;
}

/** A table, as it is read. */
export interface ReadPlan {
  shape: PlanShape;
  cells: readonly PlanCell[];
  /** How its figures are counted, and the athlete with them. */
  counted: Counted;
  athlete: AthleteBody;
  /** Where the coach has said none, the day that seems to be the race’s. */
  raceDate: string | undefined;
  /** Metres of it: as the coach said, else as the plan does, else the usual ones. */
  distance: number;
  /** The day its weeks begin on. */
  startsOn: Weekday;
  /** Ready to be kept; undefined while something stands in the way. */
  file: BlockFile | undefined;
  /** Weeks of the block. */
  weeks: number;
  taken: number;
  untaken: readonly UntakenCell[];
  /** m or s of race week before the race, where its figure is taken to count the race. */
  beforeRace: number | undefined;
  /** Sessions that have what their week’s figure leaves around them. */
  warmedUp: number;
  problems: readonly string[];
}

/** Metres of a race of which nobody says how far it is. */
export const USUAL_DISTANCE = 10_000;

type Table = readonly (readonly string[])[];

/** A coach’s table and what has been mended of it, read anew at every change. */
export function usePlan(asked: PlanAsked) {
  const { today, coach } = useSignedIn();
  const { houseRules, paces } = useCoaching();
  const [{ table, said }, setCame] = useState<CameAs>({ table: [] });
  const [chosen, setChosen] = useState<readonly (PlanColumn | undefined)[]>([]);
  const { weekStartsOn } = coach.settings;
  const dateIn = useMemo(() => datesNear(today), [today]);
  const read = useMemo((): ReadPlan | undefined => {
    if (table.length === 0) return undefined;
    const guessed = guessColumns(table, weekStartsOn, dateIn);
    const columns = guessed.columns.map((column, index) => chosen[index] ?? column);
    const shape = { ...guessed, columns };
    const startsOn = startOfWeeks(table, shape, weekStartsOn, dateIn);
    const reading = { weekStartsOn: startsOn, readDate: dateIn };
    const first = planCells(table, shape, { ...reading, raceDate: asked.race.date });
    const raceDate = asked.race.date ?? raceDateIn(first);
    const cells = planCells(table, shape, { ...reading, raceDate });
    const distance = asked.race.distance ?? raceDistanceIn(cells, raceDate) ?? USUAL_DISTANCE;
    const counted = asked.counted ?? countedIn(table, cells) ?? asked.usual;
    const athlete = asCounted(asked, counted);
    const nothing = {
      shape,
      cells,
      counted,
      athlete,
      raceDate,
      distance,
      startsOn,
      file: undefined,
      weeks: 0,
      taken: 0,
      untaken: [],
      beforeRace: undefined,
      warmedUp: 0,
    };
    if (cells.length === 0) {
      const problem = raceDate ? wording.noDaysOrFiguresWereFound : wording.theTableHasNoDates;
      return { ...nothing, problems: [problem] };
    }
    if (!raceDate) return { ...nothing, problems: [wording.setTheRaceDay] };
    const planned = planBlock(cells, {
      given: {
        ...blockHeading,
        athlete,
        houseRules,
        ...(paces && { paces: { table: paces } }),
        weekStartsOn: startsOn,
        race: { ...asked.race, date: raceDate, distance },
      },
      measure: measureOf(counted),
    });
    if (!planned.ok) {
      return { ...nothing, problems: planned.problems.map(({ message }) => message) };
    }
    const spec = resolveSpec(planned.spec);
    const problems = problemsOfWishes(planned.spec).map(({ message }) => message);
    const { taken, untaken, beforeRace, warmedUp } = planned;
    const file = problems.length > 0 ? undefined : toBlockFile(spec, false);
    return { ...nothing, file, weeks: spec.weeks, taken, untaken, beforeRace, warmedUp, problems };
  }, [table, chosen, asked, dateIn, weekStartsOn, houseRules, paces]);
  return {
    table,
    read,
    said,
    /** Another table; its columns are recognised anew. */
    take: (next: Table) => {
      setCame(drawnOut(next, dateIn));
      setChosen([]);
    },
    choose: (column: number, holds: PlanColumn) => {
      setChosen((old) =>
        Array.from({ length: Math.max(old.length, column + 1) }, (_, index) =>
          index === column ? holds : old[index],
        ),
      );
    },
    /** Writes another text wherever one stands. */
    mend: (text: string, by: string) => {
      setCame((old) => ({
        ...old,
        table: old.table.map((row) => row.map((cell) => (cell.trim() === text ? by : cell))),
      }));
    },
  };
}

/** Reads each text once: every way to lay out a plan asks whether its cells are dates. */
function datesNear(today: CivilDate): ReadDate {
  const known = new Map<string, CivilDate | undefined>();
  return (text) => {
    if (!known.has(text)) known.set(text, readFirstDate(text, today));
    return known.get(text);
  };
}

/** The athlete as their plan counts. */
function asCounted({ athlete, usual }: PlanAsked, counted: Counted): AthleteBody {
  const unit = unitOf(counted === 'time' ? usual : counted);
  return { unit, ...athlete, basis: counted === 'time' ? 'time' : 'distance' };
}

function unitOf(counted: Counted): Unit {
  return counted === 'mi' ? 'mi' : 'km';
}

/** How figures are shown that are counted so. */
export function measureOf(counted: Counted): Measure {
  return { basis: counted === 'time' ? 'time' : 'distance', unit: unitOf(counted), step: 1 };
}
