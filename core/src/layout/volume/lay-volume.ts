import type { Frame } from '../frame/frame.js';
import type { HouseRules } from '../../rules/house-rules.js';
import { layoutStep } from '../../rules/layout-step.js';
import { roundTo } from '../../base/round.js';
import { shownUnit } from '../../base/measure.js';
import type { Wishes } from '../../spec/block-spec.js';
import { type LaidVolume, climb } from './climb.js';

/**
 * Every week's volume. Weeks are laid out in whole steps as long as that
 * costs the coach nothing; where rounding under the cap would fall short of
 * what the cap allows, in tenths, and at last to the metre or second.
 */
export function layVolume(
  wishes: Wishes,
  rules: HouseRules,
  frame: Frame,
  perMetre: number,
): LaidVolume[] {
  const step = layoutStep(wishes.athlete, rules);
  const tenth = shownUnit(wishes.athlete) / 10;
  const exact = climb(wishes, rules, frame, FINEST, perMetre);
  const best = heaviest(exact);
  const least = best < wishes.volume.peak ? best - step : best;
  const rounded = [step, tenth].map((each) => climb(wishes, rules, frame, each, perMetre));
  const climbed = rounded.find((weeks) => heaviest(weeks) >= least - 1e-6) ?? exact;
  return [...climbed, ...descend(wishes, frame, heaviest(climbed), step, perMetre)];
}

/** Canonical metres or seconds: below this nobody measures. */
const FINEST = 1;

/** Volume of the heaviest week before the taper. */
function heaviest(weeks: readonly LaidVolume[]): number {
  return Math.max(0, ...weeks.map(({ volume }) => volume));
}

function descend(
  wishes: Wishes,
  frame: Frame,
  top: number,
  step: number,
  perMetre: number,
): LaidVolume[] {
  return frame.weeks.slice(frame.taperStart).map(({ number, kind, taperShare, running, raced }) => {
    const pin = wishes.pins.find(({ week }) => week === number);
    if (pin?.volume !== undefined) return { volume: pin.volume, rule: 'pin', recovery: false };
    const planned = roundTo(top * taperShare * Math.min(1, running), step);
    const volume = Math.max(planned, (pin?.longRun ?? 0) + raced * perMetre);
    return { volume, rule: kind === 'race' ? 'race' : 'taper', recovery: false };
  });
}
