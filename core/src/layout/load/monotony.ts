import { sum } from '../../base/index.js';

/** Days all alike have no spread to be held against: as monotonous as it is ever said to be. */
const MOST = 10;

/**
 * Mean daily load over its standard deviation, 10 at the most; 0 for a week of nothing.
 *
 * Source: C. Foster, "Monitoring training in athletes with reference to
 * overtraining syndrome", Med. Sci. Sports Exerc. 30 (1998).
 */
export function monotonyOf(loads: readonly number[]): number {
  const mean = sum(loads) / loads.length;
  const spread = Math.sqrt(sum(loads.map((load) => (load - mean) ** 2)) / loads.length);
  return mean === 0 ? 0 : Math.min(MOST, mean / spread);
}
