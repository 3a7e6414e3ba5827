import type { CivilDate } from '@nadir/core/base';
import { runText } from '@nadir/core/base/format';
import type { DayReviewed } from '@nadir/core/review';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import type { ReviewAndShown } from '../../components/useReview.js';

/** What was run, as the sheet has room for it, only where it is not what was planned: `8.2`, `missed`, `other sport`. */
export interface Ran {
  days: ReadonlyMap<CivilDate, string>;
  volume: ReadonlyMap<number, string>;
  longRun: ReadonlyMap<number, string>;
}

/** Reads what was run off a review; a week that is not over, or of which some day is not known, says nothing. */
export function ranOf({ review, figures }: ReviewAndShown, planned: PlannedOn): Ran {
  const days = review.days.flatMap((each): [CivilDate, string][] => {
    const words = dayWords(each, figures.days.get(each.day.date) ?? 0, planned(each.day.date));
    return words === undefined ? [] : [[each.day.date, words]];
  });
  const over = new Set(review.weeks.flatMap(({ week, isOver }) => (isOver ? [week.number] : [])));
  const weeks = [...figures.weeks].filter(([number, { unknown }]) => over.has(number) && !unknown);
  const differing = (pick: (week: (typeof weeks)[number][1]) => [number, number | undefined]) =>
    new Map(
      weeks.flatMap(([number, week]) => {
        const [plan, run] = pick(week);
        return run === undefined || run === plan ? [] : [[number, runText(run)] as const];
      }),
    );
  return {
    days: new Map(days),
    volume: differing(({ planned: plan, run }) => [plan, run]),
    longRun: differing(({ longRun }) => [longRun.planned, longRun.run]),
  };
}

/** What a block shows as planned on a day, in shown units. */
export type PlannedOn = (date: CivilDate) => number;

export function plannedOn({ block, shown: { weeks, measure } }: LaidAndShown): PlannedOn {
  const days = new Map(
    block.weeks.flatMap(({ days }, index) =>
      days.map(({ date }, place) => {
        const planned = (weeks[index]?.days[place] ?? 0) * measure.step;
        // Without the dust of steps of a tenth.
        return [date, Math.round(10 * planned) / 10] as const;
      }),
    ),
  );
  return (date) => days.get(date) ?? 0;
}

function dayWords({ day, done }: DayReviewed, run: number, plan: number): string | undefined {
  if (day.role === 'race') return undefined;
  if (done.state === 'missed' || done.state === 'moved') return done.state;
  // Cross-training that was planned is no other sport.
  if (done.state === 'instead' && plan === 0 && hasCross(day)) return undefined;
  if (done.state === 'instead') return 'other sport';
  return done.state === 'run' && run !== plan ? runText(run) : undefined;
}

function hasCross({ sessions }: DayReviewed['day']): boolean {
  return sessions.some(({ kind }) => kind === 'cross');
}
