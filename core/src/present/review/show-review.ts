import { type CivilDate, type Measure, shownUnit, sum } from '../../base/index.js';
import { tenth } from '../../base/format/index.js';
import type { DayReviewed, Review, WeekReviewed } from '../../review/index.js';
import type { ShownBlock } from '../figures/show.js';

/** What was run is shown to a tenth of a kilometre or mile, or to the minute: it is as it was, not as it is planned. */
const PARTS = { distance: 10, time: 1 } as const;
/** Within this part of its plan a day counts as run as planned, and shows the plan’s own figure. */
const AS_PLANNED = 0.01;

/** A week as it is shown: what was planned in shown units, what was run in tenths of them. */
export interface ShownWeekReview {
  /** Whole shown units and their parts, as the block shows them; the race apart. */
  planned: number;
  /** Undefined where nothing is recorded: not known is never zero. */
  run: number | undefined;
  longRun: { planned: number; run: number | undefined };
  /** Days over of which nothing is recorded. */
  unknown: number;
}

/** What was run in figures that add up: days to weeks. */
export interface ShownReview {
  /** Run on a day, in shown units to a tenth. */
  days: ReadonlyMap<CivilDate, number>;
  /** By the number of the week, those that have begun. */
  weeks: ReadonlyMap<number, ShownWeekReview>;
}

/** Shows a review beside a shown block, in its measure. */
export function showReview(review: Review, shown: ShownBlock): ShownReview {
  const days = new Map<CivilDate, number>();
  const weeks = new Map<number, ShownWeekReview>();
  for (const week of review.weeks) weeks.set(week.week.number, showWeek(week, shown, days));
  return { days, weeks };
}

function showWeek(
  { week, days, isKnown, unknown, longRun }: WeekReviewed,
  { weeks, measure }: ShownBlock,
  into: Map<CivilDate, number>,
): ShownWeekReview {
  const steps = weeks[week.number - 1];
  const runs = days.map((each, place) => {
    const planned = (steps?.days[place] ?? 0) * measure.step;
    const run = runOf(each, planned, measure);
    into.set(each.day.date, run);
    return each.day.role === 'race' ? 0 : run;
  });
  const long = days.find(({ day }) => day.role === 'long');
  const raced = week.days.findIndex(({ role }) => role === 'race');
  const planned = (steps?.volume ?? 0) - (raced < 0 ? 0 : (steps?.days[raced] ?? 0));
  return {
    planned: tenth(planned * measure.step),
    run: isKnown ? tenth(sum(runs)) : undefined,
    unknown,
    longRun: {
      planned: tenth((steps?.longRun ?? 0) * measure.step),
      run: longRun.run === undefined || !long ? undefined : into.get(long.day.date),
    },
  };
}

function runOf({ day, done }: DayReviewed, planned: number, measure: Measure): number {
  const asked = day[measure.basis];
  const run = done[measure.basis];
  if (asked > 0 && Math.abs(run - asked) <= AS_PLANNED * asked) return tenth(planned);
  return rounded(run / shownUnit(measure), measure);
}

function rounded(value: number, { basis }: Pick<Measure, 'basis'>): number {
  return Math.round(PARTS[basis] * value) / PARTS[basis];
}
