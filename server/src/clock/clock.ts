import { type CivilDate, differenceInDays } from '@nadir/core/base';

/** The time, injected so that tests and pictures can fix it. */
export interface Clock {
  now: () => Date;
  today: () => CivilDate;
}

export const CLOCK = Symbol('Clock');

/** The system's clock; with `fixedToday` its date stands still while its time runs. */
export function systemClock(fixedToday?: CivilDate): Clock {
  const now = () => new Date();
  return { now, today: () => fixedToday ?? civilDateOf(now()) };
}

/** Days that a clock’s today is ahead of its time: none, but where its date stands still. */
export function daysAhead({ now, today }: Clock): number {
  return differenceInDays(today(), civilDateOf(now()));
}

/** The day on the wall calendar where the server stands. */
function civilDateOf(instant: Date): CivilDate {
  const month = String(instant.getMonth() + 1).padStart(2, '0');
  return `${instant.getFullYear()}-${month}-${String(instant.getDate()).padStart(2, '0')}`;
}
