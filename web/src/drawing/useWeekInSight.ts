import { type RefObject, useLayoutEffect } from 'react';
import { type Columns, columnX } from './columns.js';

/**
 * Scrolls what is wider than a phone sideways, until a week stands in the middle of what is seen beside the labels.
 *
 * @param columns undefined until they are drawn
 */
export function useWeekInSight(
  ref: RefObject<HTMLElement | null>,
  columns: Columns | undefined,
  week: number,
): void {
  useLayoutEffect(() => {
    const seen = ref.current;
    if (seen && columns)
      seen.scrollLeft = columnX(columns, week - 0.5) - (columns.labels + seen.clientWidth) / 2;
  }, [ref, columns, week]);
}
