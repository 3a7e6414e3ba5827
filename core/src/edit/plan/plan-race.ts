import type { CivilDate } from '../../base/index.js';
import { readDistance } from '../../base/format/index.js';
import type { PlanCell } from './plan-cells.js';

/** `Race`, `10 km race`, or a marathon and no more: 5 km @ marathon is run at its pace. */
const RACE = /\brace\b|^(?:[a-z][a-z' ]* )?(?:half[ -])?marathon\b[^@\d]*$/i;

/** The day of the race: the last one that says so, else the last one that is run. */
export function raceDateIn(cells: readonly PlanCell[]): CivilDate | undefined {
  const days = cells.filter(
    ({ kind, text }) => kind === 'day' && !/^(?:rest|off|-|–)$/i.test(text),
  );
  const race = days.findLast(({ text }) => RACE.test(text) && !/race pace/i.test(text));
  return (race ?? days.at(-1))?.date;
}

const DISTANCE =
  /\b(?:half[ -]?marathon|marathon|half|hm|\d+(?:[.,]\d+)? ?(?:km?|mi(?:les?)?|m))\b/gi;

/** What is raced on a day of a plan, metres; undefined where it says none, or more than one distance. */
export function raceDistanceIn(
  cells: readonly PlanCell[],
  raceDate: CivilDate | undefined,
): number | undefined {
  const day = cells.find(({ kind, date }) => kind === 'day' && date === raceDate);
  const [said, ...others] = day?.text.match(DISTANCE) ?? [];
  const read = said === undefined || others.length > 0 ? undefined : readDistance(said, 'km');
  return read?.ok ? read.value : undefined;
}
