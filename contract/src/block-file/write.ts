import type { Wishes } from '@nadir/core';
import type { BlockFile } from './schema.js';

/**
 * Settled wishes as a block file. Nothing is lost: the file settles to the same
 * wishes again. The start is left out where it is counted back from the race.
 */
export function toBlockFile(wishes: Wishes, countedBack: boolean): BlockFile {
  const { start, weeks, phases, volume, ...same } = wishes;
  return {
    format: 'nadir-block',
    version: 1,
    ...same,
    ...(countedBack ? { weeks } : { start }),
    phases: phases.layout === 'own' ? phases : { layout: phases.layout },
    volume: { ...volume, growth: growthOf(volume.growth) },
  };
}

/** Only what the school itself knows; the rest comes from the house rules again. */
function growthOf({ school, cap, step, hold }: Wishes['volume']['growth']) {
  switch (school) {
    case 'percentage':
      return { school, cap };
    case 'fixed-step':
      return { school, step };
    case 'step-and-hold':
      return { school, step, hold };
    default:
      return { school };
  }
}
