import { roundTo, shownUnit } from '../../base/index.js';
import type { Context } from '../context/context.js';
import type { Frame, FrameWeek } from '../frame/frame.js';
import { noPast } from '../past/past.js';
import { type LaidVolume, asItWas, climb } from './climb.js';
import { climbBegins } from '../written/restarts.js';
import { countRises, type Rises } from './rises.js';

/**
 * Every week's volume. Weeks are laid out in whole steps as long as that
 * costs the coach nothing; where rounding under the cap would fall short of
 * what the cap allows, in tenths, and at last to the metre or second.
 */
export function layVolume(context: Context, frame: Frame): LaidVolume[] {
  const climbed = climbInSteps(context, frame);
  const { spec } = context;
  const top = heaviest(climbed.slice(climbBegins(spec, frame.weeks)), spec.volume.start);
  const down = frame.weeks
    .slice(frame.taperStart)
    .map((week) => asItWas(context.past, week) ?? descend(context, week, top));
  return [...climbed, ...down];
}

/** The climb in the coarsest steps that fall short of nothing; chosen as if no week were over, so that no day moves it. */
function climbInSteps(context: Context, frame: Frame): LaidVolume[] {
  const { spec, step, past } = context;
  const free = past.asOf === undefined ? context : { ...context, past: noPast };
  const rises = risesAround(free, frame);
  const exact = climb(free, frame, { step: FINEST, rises });
  const best = heaviest(exact, spec.volume.start);
  const least = best < spec.volume.peak ? best - step : best;
  for (const coarse of [step, shownUnit(spec.athlete) / 10]) {
    const weeks = climb(free, frame, { step: coarse, rises });
    if (heaviest(weeks, spec.volume.start) < least - 1e-6) continue;
    return free === context ? weeks : climb(context, frame, { step: coarse, rises });
  }
  return free === context ? exact : climb(context, frame, { step: FINEST, rises });
}

/** The rises of a block: a week that is fixed so low that it rests is none of them, and the next one resumes. */
function risesAround(context: Context, frame: Frame): Rises {
  const { volume, pins } = context.spec;
  const rises = countRises(frame, volume);
  if (!pins.some((pin) => pin.volume !== undefined)) return rises;
  const laid = climb(context, frame, { step: FINEST, rises });
  const rests = laid.map(({ rule, recovery }) => rule === 'pin' && recovery);
  if (!rests.includes(true)) return rises;
  const weeks = frame.weeks.map((week, index) =>
    rests[index] ? { ...week, kind: 'recovery' as const } : week,
  );
  return countRises({ ...frame, weeks }, volume);
}

/** Canonical metres or seconds: below this nobody measures. */
const FINEST = 1;

/**
 * Volume of the heaviest week before the taper. One that an event makes heavier is no
 * measure, nor is one without running; a short first week, whatever its days came to, stands for its `start`.
 */
function heaviest(weeks: readonly LaidVolume[], start: number): number {
  const usual = weeks.filter(({ rule, volume }) => rule !== 'event' && volume > 0);
  const measures = usual.length > 0 ? usual : weeks;
  const volumes = measures.map(({ rule, volume }) =>
    rule === 'short-first-week' ? start : volume,
  );
  return Math.max(0, ...volumes);
}

/** A week of the taper, from a heaviest week of `top`. */
function descend({ spec, step, perMetre }: Context, week: FrameWeek, top: number): LaidVolume {
  const { number, kind, taperShare, running, raced } = week;
  const pin = spec.pins.find((each) => each.week === number);
  if (pin?.volume !== undefined) return { volume: pin.volume, rule: 'pin', recovery: false };
  const planned = roundTo(top * taperShare * week.ofCycle * Math.min(1, running), step);
  const volume = Math.max(planned, (pin?.longRun ?? 0) + raced * perMetre);
  return { volume, rule: kind === 'race' ? 'race' : 'taper', recovery: false };
}
