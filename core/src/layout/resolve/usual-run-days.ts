import type { Basis } from '../../base/index.js';
import { inForce, newestEngine, type Since } from '../../rules/index.js';
import type { Athlete } from '../../spec/index.js';

/** Run days of a week whose running is below this, m or s. */
interface RunDays {
  days: number;
  below: Readonly<Record<Basis, number>>;
}

const ALL = { distance: Infinity, time: Infinity };

/** Policy, by defaults number: no run a scrap, none a feat. */
const usualSince: Since<readonly RunDays[]> = {
  1: [{ days: 5, below: ALL }],
  9: [
    { days: 3, below: { distance: 25_000, time: 2.5 * 3600 } },
    { days: 4, below: { distance: 40_000, time: 4 * 3600 } },
    { days: 5, below: { distance: 75_000, time: 7 * 3600 } },
    { days: 6, below: { distance: 140_000, time: 12 * 3600 } },
    { days: 7, below: ALL },
  ],
};
/** Where nobody knows what is run a week. */
const UNKNOWN = 5;
const OFTEN_HURT = 3;

/**
 * Run days that are usual for a week's running, where nobody says otherwise.
 *
 * @param volume m or s as the athlete counts; undefined where it is not known
 * @example usualRunDays({ basis: 'distance', oftenHurt: false }, 55_000) // 5
 */
export function usualRunDays(
  { basis, oftenHurt }: Pick<Athlete, 'basis' | 'oftenHurt'>,
  volume: number | undefined,
  engine = newestEngine,
): number {
  if (oftenHurt) return OFTEN_HURT;
  const usual = inForce(usualSince, engine).find(({ below }) => (volume ?? NaN) < below[basis]);
  return usual?.days ?? UNKNOWN;
}
