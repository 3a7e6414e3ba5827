import { type Measure, unitName } from '../measure.js';

/** How a unit is written behind a figure of a table, as a pattern. */
export const WRITTEN_UNITS: Readonly<Record<string, string>> = {
  km: '(?:kms?|k)',
  // On a blackboard in miles 6m are six of them, on one in minutes 45m are minutes.
  mi: '(?:miles?|mi|m)',
  min: '(?:minutes?|mins?|m)',
};

/** `4 h`, `4h30`, `4 hours 30 min`. */
const HOURS =
  /(\d{1,2})\s*h(?:ours?|rs?)?(?![a-z])(?:\s*(\d{1,2})\s*(?:m|min|mins|minutes)?(?![a-z]))?/g;

/** `4.5 h`, `4,25 hours`. */
const PART_OF_HOURS = /(\d{1,2})[.,](\d{1,2})\s*h(?:ours?|rs?)?(?![a-z])/g;

/** `4:30:00`, as a spreadsheet writes a length of time. */
const WITH_SECONDS = /^(\d{1,2}:\d\d):00$/;

/** What stands behind a figure, without the unit that it is in anyway. */
export function withoutUnit(behind: string, measure: Pick<Measure, 'basis' | 'unit'>): string {
  const unit = unitName(measure);
  return behind.replace(new RegExp(`^${WRITTEN_UNITS[unit] ?? unit}(?= |$) ?`, 'i'), '');
}

/** Hours of what is counted in minutes, as a clock; anything else as it is. Takes lower case. */
export function inClock(typed: string, { basis }: Pick<Measure, 'basis'>): string {
  if (basis !== 'time') return typed;
  return typed
    .replace(WITH_SECONDS, '$1')
    .replace(PART_OF_HOURS, (_, hours: string, part: string) =>
      clockOf(hours, String(Math.round(60 * Number(`0.${part}`)))),
    )
    .replace(HOURS, (_, hours: string, minutes: string | undefined) =>
      clockOf(hours, minutes ?? ''),
    );
}

function clockOf(hours: string, minutes: string): string {
  return `${hours}:${minutes.padStart(2, '0')}`;
}
