import { formatPercent } from '../base/format/index.js';
import type { Block } from '../layout/block/index.js';
import type { Command } from './command.js';

/** Shallowest and deepest a taper may be set. */
export const taperDepths = { least: 0.05, most: 0.95 } as const;

/** Cuts race week by `depth` of the heaviest week; every step of the taper scales with it. */
export function setTaperDepth({ spec }: Block, depth: number): Command {
  const { least, most } = taperDepths;
  const cut = Math.min(most, Math.max(least, Math.round(depth * 100) / 100));
  return {
    change: { taper: { ...spec.taper, depth: cut } },
    message: `Tapered race week by ${formatPercent(cut)}.`,
  };
}

/** Reaches the peak in `week`; what follows holds it. */
export function movePeak({ spec }: Block, week: number): Command {
  return {
    change: { volume: { ...spec.volume, peakWeek: week } },
    message: `Moved the peak to week ${week}.`,
  };
}
