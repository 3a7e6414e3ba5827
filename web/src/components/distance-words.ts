import type { Unit } from '@nadir/core/base';
import { formatRaceDistance, readDistance } from '@nadir/core/base/format';

/** A distance as it can be typed again; an odd one in metres, so that nothing of it is lost. */
export function distanceWords(metres: number, unit: Unit): string {
  const words = formatRaceDistance(metres, unit).replace(/^1 mile$/, '1 mi');
  const again = readDistance(words, unit);
  return again.ok && again.value === metres ? words : `${metres} m`;
}
