import { addDays, type CivilDate } from '../../base/index.js';
import type { Day, Week } from '../../layout/block/index.js';

/** Days of a week that something can still be found in: of one under way those from today on, else all. */
export function openDays(
  { start, length, days }: Pick<Week, 'start' | 'length' | 'days'>,
  today: CivilDate = '',
): readonly Day[] {
  const isUnderWay = start < today && addDays(start, length) > today;
  return isUnderWay ? days.filter(({ date }) => date >= today) : days;
}
