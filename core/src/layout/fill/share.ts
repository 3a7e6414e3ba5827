import { addDays, clean, differenceInDays, floorTo, sum } from '../../base/index.js';
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
  // What is pinned is run, ceilings or not; as long as another run can take more a session
  // keeps its length, and the eve of a race before it.
  const eves = slots.map(({ index }) => isEve(deal, index));
  const stay = slots.map(({ index }, place) => eves[place] || deal.kept[index] !== undefined);
  const held = [stay, eves].find((each) => each.includes(false));
  const raised = slots.map((slot, place): Shape => {
    const at = amounts[place] ?? 0;
    const weight = slot.weight * daysOut(deal, slot.index);
    return { weight, floor: at, ceiling: held?.[place] ? at : Infinity };
  });
  return fill(meant, raised, step, towardMidweek(deal, slots));
}

/** The day before the goal race, or before one on the way. */
function isEve({ context: { spec, eventDays }, days }: Deal, index: number): boolean {
  const tomorrow = addDays(days[index]?.date ?? spec.race.date, 1);
  return tomorrow === spec.race.date || eventDays.get(tomorrow)?.race?.kind === 'tune-up-race';
}

/** Days to the goal race, in the week before it: the farther from it, the more a day takes. */
function daysOut({ context: { spec }, days }: Deal, index: number): number {
  const left = differenceInDays(spec.race.date, days[index]?.date ?? spec.race.date);
  return left > 0 && left < 7 ? left : 7;
}
