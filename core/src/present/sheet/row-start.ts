import type { CivilDate } from '../../base/index.js';
import type { Block } from '../../layout/block/index.js';

const DAYS = 7;

/** The first day of every row of a sheet: where a block begins in mid-week its first row has gaps before it. */
export function rowStart({ weeks }: Pick<Block, 'weeks'>): CivilDate {
  const whole = weeks.find(({ length }) => length === DAYS) ?? weeks[0];
  return whole?.start ?? '2000-01-03';
}
