import type { Legs } from '../block/block.js';
import type { DayRole } from '../../spec/days/index.js';

/** Policy: effort 0–10 of a day by its role (Foster's scale), until one is recorded. */
const EFFORT: Readonly<Record<DayRole, number>> = {
  rest: 0,
  'short-easy': 2.5,
  easy: 3,
  long: 4,
  quality: 5,
  'semi-long': 3.5,
  recovery: 2.5,
  'cross-train': 3,
  'tune-up': 8,
  test: 7,
  race: 0,
};

/** Decay of fatigue in days, and the spread of published fits. */
const DECAY_DAYS = { usual: 10, quick: 7, slow: 15 };

/** What a day weighs: seconds run, and seconds of cross-training. */
interface LoadedDay {
  role: DayRole;
  time: number;
  atRecovery?: boolean | undefined;
  hardTime?: number | undefined;
  cross?: { time: number } | undefined;
}

/**
 * How heavy the legs are on every morning: the fatigue term of the
 * impulse–response model, g(t) = Σ w(s)·e^(−(t−s)/τ) with τ = 10 d (band 7–15 d),
 * started in the steady state of the starting volume. In multiples of day one,
 * g/g₀, over centred 7-day means; before the block every morning is 1, and
 * toward race morning the mean narrows to that very morning. A model, not a
 * measurement.
 *
 * Sources: E. W. Banister (1975); R. H. Morton et al., "Modeling human
 * performance in running", J. Appl. Physiol. 69 (1990). Load w is minutes ×
 * effort: C. Foster, "Monitoring training in athletes with reference to
 * overtraining syndrome", Med. Sci. Sports Exerc. 30 (1998).
 *
 * @param loads minutes × effort of every day up to race day: recorded, else planned
 * @param startingLoad mean daily load, minutes × effort, before the block
 */
export function layLegs(loads: readonly number[], startingLoad: number): Legs {
  const usual = heaviness(loads, startingLoad, DECAY_DAYS.usual);
  const quick = heaviness(loads, startingLoad, DECAY_DAYS.quick);
  const slow = heaviness(loads, startingLoad, DECAY_DAYS.slow);
  const curve = loads.map((_, day) => ({
    value: usual[day] ?? 1,
    quick: quick[day] ?? 1,
    slow: slow[day] ?? 1,
  }));
  return { days: curve, nadir: usual.indexOf(Math.max(...usual)), raceDay: usual.at(-1) ?? 1 };
}

/** Of cross-training, of hard running, and of the easy running around it. */
const CROSS_EFFORT = 3;
const HARD_EFFORT = 8;
const AROUND_EFFORT = 3;
/** Effort at recovery pace, against easy pace: as a recovery run against an easy one. */
const RECOVERY_PART = 2.5 / 3;

/** Minutes × effort of one day: what is hard of it by itself, cross-training counted. */
export function dayLoad({ role, time, atRecovery, hardTime, cross }: LoadedDay): number {
  const across = ((cross?.time ?? 0) / 60) * CROSS_EFFORT;
  const effort = atRecovery && role !== 'recovery' ? RECOVERY_PART * EFFORT[role] : EFFORT[role];
  if (!hardTime) return (time / 60) * effort + across;
  const around = role === 'long' ? EFFORT.long : AROUND_EFFORT;
  return ((time - hardTime) / 60) * around + (hardTime / 60) * HARD_EFFORT + across;
}

/** Mornings on either side that a mean reaches. */
const REACH = 3;

/** In multiples of day one on each morning; a day's own running weighs from the next morning on. */
function heaviness(
  loads: readonly number[],
  startingLoad: number,
  decayDays: number,
): Float64Array {
  const keep = Math.exp(-1 / decayDays);
  const steady = startingLoad / (1 - keep);
  const values = new Float64Array(loads.length).fill(1);
  if (steady <= 0) return values;
  const mornings = new Float64Array(loads.length);
  let fatigue = steady;
  loads.forEach((load, day) => {
    mornings[day] = fatigue / steady;
    fatigue = fatigue * keep + load;
  });
  for (let day = 0; day < values.length; day++) {
    const reach = Math.min(REACH, values.length - 1 - day);
    let together = 0;
    for (let near = day - reach; near <= day + reach; near++) together += mornings[near] ?? 1;
    values[day] = together / (2 * reach + 1);
  }
  return values;
}
