import { clean, floorTo, sum } from '../../base/index.js';
import { type Shape, fill } from './fill.js';
import type { Deal } from './open-deal.js';
import { type Slot, towardMidweek } from './slots.js';

/** What the runs that share are to come to. */
export function meantFor(deal: Deal, slots: readonly Slot[]): number {
  const { cuts, pinned, left, context, longRun, raced } = deal;
  if (cuts?.atMost === undefined || pinned) return left;
  const bounded = slots.map(({ weight, floor, ceiling }) =>
    Math.min(ceiling, Math.max(floor, weight)),
  );
  const most = Math.max(0, cuts.atMost - longRun - sum(raced));
  return floorTo(Math.min(sum(bounded), most), context.step);
}

export function amountsFor(deal: Deal, dealt: readonly Slot[], meant: number): number[] {
  const { step } = deal.context;
  const least = sum(dealt.map(({ floor }) => floor));
  const slots = least > meant ? dealt.map((slot) => ({ ...slot, floor: 0 })) : dealt;
  const amounts = fill(meant, slots, step, towardMidweek(deal, slots));
  const over = clean(meant - sum(amounts));
  // Runs of mid-week that stay as they are do so but where an event cuts them.
  const stays = deal.context.spec.week.midweek !== undefined && !deal.cuts;
  if (over <= 1e-6 || !(deal.pinned || stays)) return amounts;
  // What is pinned is run, ceilings or not.
  const open = slots.filter(({ index }) => !deal.kept[index]);
  const raised = slots.map((slot, place): Shape => {
    const at = amounts[place] ?? 0;
    // A session keeps its length as long as another run can take more.
    const isKept = deal.kept[slot.index] !== undefined && open.length > 0;
    return { weight: slot.weight, floor: at, ceiling: isKept ? at : Infinity };
  });
  return fill(meant, raised, step, towardMidweek(deal, slots));
}
