import {
  apportion,
  type Measure,
  memoizeLast,
  quantum,
  roundedSteps,
  sum,
} from '../../base/index.js';
import type { Block, Day, Segment, Week } from '../../layout/block/index.js';

/** A week in whole shown steps. */
export interface ShownWeek {
  volume: number;
  /** The long run as its own day shows it; 0 when there is none. */
  longRun: number;
  days: number[];
  /** The volume with cross-training counted as easy running. */
  equivalent: number;
  /** The stretches of the long run; they add up to it. */
  segment: ShownSegment | undefined;
}

/** The stretches of a long run in whole shown steps: easy, its segment, easy again. */
export interface ShownSegment {
  before: number;
  amount: number;
  after: number;
}

/** A block in whole shown steps that add up: days to weeks, weeks to the total. */
export interface ShownBlock {
  measure: Measure;
  total: number;
  weeks: ShownWeek[];
}

/**
 * The figures of a block as they are shown, in any measure: the total is
 * rounded, shared out to the weeks by largest remainder, and each week's figure
 * to its days. Every view, export and print takes its figures from here.
 */
export function showBlock({ weeks }: Pick<Block, 'weeks'>, measure: Measure): ShownBlock {
  const known = shownOf(weeks);
  const key = `${measure.basis} ${measure.unit} ${measure.step}`;
  const found = known.get(key) ?? showWeeks(weeks, measure);
  known.set(key, found);
  return found;
}

/** By measure: the checks that speak of a block and the page that shows it take the same figures. */
const shownOf = memoizeLast((_: readonly Week[]) => new Map<string, ShownBlock>());

function showWeeks(weeks: readonly Week[], measure: Measure): ShownBlock {
  const step = quantum(measure);
  const volumes = apportion(
    weeks.map((week) => week[measure.basis]),
    step,
  );
  return {
    measure,
    total: sum(volumes),
    weeks: weeks.map((week, index) => showWeek(week, volumes[index] ?? 0, measure)),
  };
}

function showWeek(week: Week, volume: number, measure: Measure): ShownWeek {
  const { days, segment } = week;
  const amounts = days.map((day) => day[measure.basis]);
  const steps = apportion(amounts, quantum(measure), volume);
  const long = days.findIndex(({ role }) => role === 'long');
  const longRun = longRunOf(days[long], steps[long] ?? 0, measure);
  const across =
    measure.basis === 'time'
      ? week.equivalentTime - week.time
      : week.equivalentDistance - week.distance;
  return {
    volume,
    longRun,
    days: steps,
    equivalent: volume + roundedSteps(across, quantum(measure)),
    segment: segment && showSegment(segment, longRun),
  };
}

/** Of a long run's day that is run twice, the long run alone. */
function longRunOf(day: Day | undefined, shown: number, measure: Measure): number {
  const runs = day?.sessions.filter(({ kind }) => kind === 'run') ?? [];
  if (runs.length < 2) return shown;
  return roundedSteps(Math.max(...runs.map((run) => run[measure.basis])), quantum(measure));
}

/** Shares out by part of the run, so that any measure of it will do. */
function showSegment({ before, amount, after }: Segment, longRun: number): ShownSegment {
  const step = (before + amount + after) / longRun;
  const [easy = 0, held = 0, home = 0] = apportion([before, amount, after], step, longRun);
  return { before: easy, amount: held, after: home };
}
