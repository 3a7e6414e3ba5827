import { type CivilDate, type Week } from '@nadir/core';
import { type Columns } from './columns.js';
/**
 * Pixel of a day's morning: each week's days share its column evenly, a short
 * first week's fewer days too.
 *
 * @param index days since the start of the block
 */
export declare function dayX(
  weeks: readonly Pick<Week, 'length'>[],
  columns: Columns,
  index: number,
): number;
/** Days since the start of the block; undefined outside it. */
export declare function dayIndex(weeks: readonly Week[], date: CivilDate): number | undefined;
/** Number of the week that holds `date`; undefined outside the block. */
export declare function weekOf(weeks: readonly Week[], date: CivilDate): number | undefined;
