import { useContext } from 'react';
import { SessionContext } from '../api/session.js';
import { formatDay } from './dates.js';
import * as wording from './wording.js';

/** What a print says of its day: `printed Wed 10 Feb 2027`. */
export function usePrintedOn(): string {
  const today = useContext(SessionContext)?.today;
  return today ? wording.printed(formatDay(today)) : '';
}
