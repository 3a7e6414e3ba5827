import { metresPer } from '../../base/index.js';
import { metresOf } from '../shorthand/amounts.js';
import { sessionLimits } from '../shorthand/limits.js';
import type { Target } from '../shorthand/session.js';
import { type ProgressionRule, growRepeat } from './progression-rule.js';

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
      // A repetition by time is a second faster a kilometre.
      const metres = metresOf(amount) ?? 1000;
      return {
        ...part,
        count: { from: count, to: count },
        piece: { ...part.piece, target: quicker(target, by, metres) },
      };
    }),
};

/** A target quicker by seconds: for each repetition where its time is written, else per km. */
function quicker(target: Target | undefined, by: number, metres: number): Target | undefined {
  const perKm = (by * 1000) / metres;
  switch (target?.kind) {
    case 'pace': {
      const offset = Math.round((target.offset - perKm) * 10) / 10;
      return { ...target, offset: Math.max(sessionLimits.offset.quickest, offset) };
    }
    case 'each':
      return sooner(target, by, (sessionLimits.pace.quickest * metres) / 1000);
    case 'exact': {
      const per = metresPer(target.per) / 1000;
      return sooner(target, Math.round(perKm * per), sessionLimits.pace.quickest * per);
    }
    default:
      return target;
  }
}

/** A written time, or a range of them, so many seconds less; as it is where nobody runs that. */
function sooner<T extends { seconds: number; most?: number | undefined }>(
  of: T,
  by: number,
  quickest: number,
): T {
  const less = (seconds: number) => Math.round((seconds - by) * 10) / 10;
  if (less(of.seconds) < quickest) return of;
  return {
    ...of,
    seconds: less(of.seconds),
    ...(of.most !== undefined && { most: less(of.most) }),
  };
}
