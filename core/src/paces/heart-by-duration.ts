import type { HeartBand } from '../spec/choices/index.js';

/** Per cent of maximum by how long a pace can be held, seconds (policy, from practice). */
const BANDS = [
  { lasts: 600, from: 0.96, to: 1 },
  { lasts: 1200, from: 0.94, to: 0.98 },
  { lasts: 1800, from: 0.91, to: 0.96 },
  { lasts: 3600, from: 0.87, to: 0.92 },
  { lasts: 5400, from: 0.85, to: 0.9 },
  { lasts: 10_800, from: 0.8, to: 0.87 },
] as const;

/**
 * The heart band of a pace that can be held so long, between two of the table in a
 * straight line against the log of the time: who takes an hour for 10 km runs them
 * at the band of an hour.
 *
 * @example 42 min 26 s, halfway in logs between half an hour and an hour → 0.89–0.94
 */
export function heartByDuration(seconds: number): HeartBand {
  const place = BANDS.findIndex(({ lasts }) => lasts >= seconds);
  const longer = BANDS[place < 0 ? BANDS.length - 1 : place] ?? BANDS[0];
  const shorter = BANDS[Math.max(0, (place < 0 ? BANDS.length : place) - 1)] ?? longer;
  const span = Math.log(longer.lasts / shorter.lasts);
  const part = span > 0 ? Math.min(1, Math.log(seconds / shorter.lasts) / span) : 0;
  const between = (end: 'from' | 'to') => shorter[end] + part * (longer[end] - shorter[end]);
  return { of: 'maximum', from: between('from'), to: between('to') };
}
