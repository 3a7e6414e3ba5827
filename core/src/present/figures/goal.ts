import { formatDuration, formatPace } from '../../base/format/index.js';
import type { Block } from '../../layout/block/index.js';

/** `3:15:00, 4:37 /km`; undefined where no time is aimed at. */
export function goalWords({ race, athlete }: Pick<Block['spec'], 'race' | 'athlete'>) {
  const { goalTime, distance } = race;
  return goalTime === undefined
    ? undefined
    : `${formatDuration(goalTime)}, ${formatPace((goalTime / distance) * 1000, athlete.unit)}`;
}
