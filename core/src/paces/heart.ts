import type { HeartBand } from '../spec/choices/index.js';
import type { Athlete } from '../spec/index.js';

/**
 * A heart-rate band in beats a minute. Of reserve: rest + share × (maximum − rest)
 * (Karvonen, Kentala and Mustala 1957).
 *
 * @returns undefined where the athlete’s maximum, or rest, is not known
 * @example reserve 0.7–0.8, maximum 190, rest 50 → [148, 162]
 */
export function beatsOf(
  { of, from, to }: HeartBand,
  { maxHeart, restHeart }: Pick<Athlete, 'maxHeart' | 'restHeart'>,
): readonly [number, number] | undefined {
  if (of === 'beats') return [from, to];
  if (maxHeart === undefined) return undefined;
  if (of === 'maximum') return [Math.round(from * maxHeart), Math.round(to * maxHeart)];
  if (restHeart === undefined) return undefined;
  const beats = (share: number) => Math.round(restHeart + share * (maxHeart - restHeart));
  return [beats(from), beats(to)];
}
