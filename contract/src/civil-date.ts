import { isCivilDate } from '@nadir/core/base';
import * as z from 'zod/mini';

/** Years in which anything is planned or was run: outside them a date is a slip of the hand. */
const YEARS = { first: 1970, last: 2200 } as const;

/** What makes a text a date, for schemas of either kind. */
export const dateChecks = [
  z.refine<string>(isCivilDate, {
    error: 'expected a date that exists, as YYYY-MM-DD',
    abort: true,
  }),
  z.refine<string>(inYears, {
    error: `expected a date in the years ${YEARS.first} to ${YEARS.last}`,
  }),
] as const;

function inYears(date: string): boolean {
  const year = Number(date.slice(0, 4));
  return year >= YEARS.first && year <= YEARS.last;
}
