import { addDays, type CivilDate, sum } from '../../base/index.js';
import type { Block, Week } from '../../layout/block/index.js';
import { type HouseRules, layoutStep, rulesOf } from '../../rules/index.js';
import { type BlockEvent, lastDay, lastOfWayBack } from '../../spec/days/index.js';
import type { Pin } from '../../spec/index.js';
import type { Review } from '../done/review-block.js';

/** A fixed week that an illness or the way back from it takes from. */
export interface Lowered {
  week: Week;
  /** What of it is left, 0–1, and of its days in m or s. */
  left: number;
  volume: number;
  /** True where its long run stands on a day that is lost, or on the way back. */
  isLongWithin: boolean;
}

/** The fixed weeks to come that an illness and the way back take from; with one that stands, what it takes more. */
export function loweredBy(
  { block: { spec, weeks }, rules, today }: Review,
  event: BlockEvent,
  standing: BlockEvent | undefined,
): Lowered[] {
  const partOn = (date: CivilDate) => {
    const before = standing ? leftOn(date, standing, rules) : 1;
    return before > 0 ? leftOn(date, event, rules) / before : 1;
  };
  return weeks.flatMap((week): Lowered[] => {
    const pin = spec.pins.find((each) => each.week === week.number);
    // What the climb begins anew from is laid like other weeks, as the illness leaves it.
    if (!pin || pin.restart || addDays(week.start, week.length) <= today) return [];
    const left = sum(week.days.map(({ date }) => partOn(date))) / week.length;
    if (left >= 1) return [];
    const long = week.days.find(({ role }) => role === 'long');
    const isLongWithin = long !== undefined && isWithin(long.date, event);
    // A long run that is none of the way back is shorter by as much as its week.
    const amounts = week.days.map(
      (day) => day[spec.athlete.basis] * (day === long && !isLongWithin ? left : partOn(day.date)),
    );
    return [{ week, left, volume: sum(amounts), isLongWithin }];
  });
}

/** Fixed weeks made lighter; one whose long run is lost or on the way back is laid like other weeks. */
export function loweredPins({ spec }: Block, lowered: readonly Lowered[]): Pin[] {
  const step = layoutStep(spec.athlete, rulesOf(spec));
  const whole = (amount: number) => step * Math.floor(amount / step);
  return spec.pins.flatMap((pin) => {
    const of = lowered.find(({ week }) => week.number === pin.week);
    if (!of) return pin;
    if (of.isLongWithin) return [];
    const { volume, longRun, ...rest } = pin;
    return {
      ...rest,
      ...(volume !== undefined && { volume: whole(of.volume) }),
      ...(longRun !== undefined && { longRun: whole(of.left * longRun) }),
    };
  });
}

/** What an illness and the way back leave of a day, 0–1. */
function leftOn(date: CivilDate, event: BlockEvent, { events }: HouseRules): number {
  if (!isWithin(date, event)) return 1;
  return date <= lastDay(event) ? (event.running ?? events.illness) : events.afterIllness;
}

function isWithin(date: CivilDate, event: BlockEvent): boolean {
  return date >= event.from && date <= lastOfWayBack(event);
}
