import type { DayRole } from '../../spec/days/index.js';
import { isBesideMoved, isFreeForHard, type Planning, type WeekToPlan } from './planning.js';
import { isPlain } from './roles.js';

/** A quality day that a moved long run has driven off goes to the easy day farthest from it. */
export function withMovedQuality(planning: Planning, found: readonly DayRole[]): DayRole[] {
  const { composed, week, context } = planning;
  const placed = [...found];
  const long = placed.indexOf('long');
  const lost = composed.some(
    ({ role, date }) => role === 'quality' && isBesideMoved(planning, date),
  );
  const isEasyWeek = week.recovery || context.spec.athlete.injured || planning.isRaced;
  const bears = !isEasyWeek && !placed.includes('quality');
  if (!lost || long < 0 || !bears) return placed;
  const apart = (index: number) => Math.abs(index - long);
  const easy = placed.flatMap((role, index) =>
    isPlain(role) &&
    apart(index) > 1 &&
    composed[index]?.fixed !== true &&
    isFreeForHard(planning, index) &&
    !isBesideMoved(planning, composed[index]?.date ?? '') &&
    !isAtHardEdge(week, index)
      ? [index]
      : [],
  );
  const afterARun = easy.filter((index) => placed[index - 1] !== 'rest');
  const open = afterARun.length > 0 ? afterARun : easy;
  const best = open.reduce((most, at) => (apart(at) > apart(most) ? at : most), open[0] ?? -1);
  if (best >= 0) placed[best] = 'quality';
  return placed;
}

/** True for a day at the edge of a week whose neighbour beyond it is usually hard: weeks are alike. */
function isAtHardEdge({ wished }: WeekToPlan, index: number): boolean {
  const beyond = index === 0 ? wished.at(-1) : index === wished.length - 1 ? wished[0] : undefined;
  return beyond?.role === 'long' || beyond?.role === 'quality';
}
