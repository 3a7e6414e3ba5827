import { metresPer } from '../../base/index.js';
import { sessionLimits } from '../shorthand/limits.js';
import type { Target } from '../shorthand/session.js';
import { type ProgressionRule, growRepeat, numberOf } from './progression-rule.js';

const FEWEST = 3;

/** One repetition fewer, each quicker by seconds: 8 x 600 m, 7 x 600 m a second faster. */
export const fewerFaster: ProgressionRule = {
  title: 'One fewer, a second faster',
  why: 'Sharpens: each repetition quicker, one less of them, so that the legs stay fresh.',
  by: 'seconds faster a repetition',
  next: (parts, by) =>
    growRepeat(parts, (part) => {
      const count = part.count.to - 1;
      if (count < FEWEST) return part;
      const { amount, target } = part.piece;
      const metres = 'number' in amount && amount.unit === 'm' ? numberOf(amount) : 1000;
      return {
        ...part,
        count: { from: count, to: count },
        piece: { ...part.piece, target: quicker(target, by, (by * 1000) / metres) },
      };
    }),
};

/** A target quicker by seconds: for each repetition where its time is written, else per km. */
function quicker(target: Target | undefined, by: number, perKm: number): Target | undefined {
  switch (target?.kind) {
    case 'pace': {
      const offset = Math.round((target.offset - perKm) * 10) / 10;
      return { ...target, offset: Math.max(sessionLimits.offset.quickest, offset) };
    }
    case 'each':
      return sooner(target, by);
    case 'exact':
      return sooner(target, Math.round((perKm * metresPer(target.per)) / 1000));
    default:
      return target;
  }
}

/** A written time, or a range of them, so many seconds less. */
function sooner<T extends { seconds: number; most?: number | undefined }>(of: T, by: number): T {
  const less = (seconds: number) => Math.max(1, Math.round((seconds - by) * 10) / 10);
  return {
    ...of,
    seconds: less(of.seconds),
    ...(of.most !== undefined && { most: less(of.most) }),
  };
}
