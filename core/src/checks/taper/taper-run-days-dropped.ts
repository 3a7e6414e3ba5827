import { LAST_DAYS } from '../../rules/limits/index.js';
import { type CivilDate, differenceInDays, type Weekday, weekdayOf } from '../../base/index.js';
import type { Day, Week } from '../../layout/block/index.js';
import { check } from '../common/check.js';

/** Of so many run days one fewer is still held, whatever part of them it is. */
const SEVERAL = 4;

/** Building weeks before the taper that say what is usual: run days that the coach took away earlier are gone. */
const LAST_WEEKS = 4;

/** Run days missing from a taper week. Value and limit: part of the usual run days; race day counts as one. */
export const taperRunDaysDropped = check({
  code: 'taper-run-days-dropped',
  level: 'note',
  run({ block: { weeks, spec }, rules }) {
    const limit = rules.taper.leastRunDays;
    const { restDaysOut } = rules.raceWeek;
    const usual = usualWeek(weeks);
    const tapering = weeks.filter(
      ({ kind, running }) => (kind === 'taper' || kind === 'race') && running === 1,
    );
    return tapering.flatMap(({ number, kind, start, runDays, days }) => {
      const before = differenceInDays(spec.race.date, start);
      const daysOut = (date: CivilDate) => differenceInDays(spec.race.date, date);
      const usually = days.filter(({ date }) => {
        const role = usual.get(weekdayOf(date));
        return daysOut(date) > 0 && role && (role !== 'long' || daysOut(date) > LAST_DAYS);
      });
      const raced = kind === 'race' ? 1 : 0;
      // Before a race early in its week there is no room for the usual days; its day of rest is a rule.
      const rests = restDaysOut > 0 && restDaysOut <= before ? 1 : 0;
      const room = kind === 'race' ? before + 1 - rests : 7;
      const most = Math.min(usually.length + raced, room);
      const ran = runDays + raced;
      const value = most > 0 ? ran / most : 1;
      const isHeld = value >= limit - 1e-9 || (most >= SEVERAL && most - ran <= 1);
      return isHeld ? [] : [{ weeks: [number], value, limit }];
    });
  },
});

/** What is run on which weekday of the one with the most run days of the last building weeks. */
function usualWeek(weeks: readonly Week[]): ReadonlyMap<Weekday, Day['role']> {
  const whole = weeks
    .filter(({ kind, length }) => kind === 'building' && length === 7)
    .slice(-LAST_WEEKS);
  const most = Math.max(0, ...whole.map(({ runDays }) => runDays));
  const week = whole.findLast(({ runDays }) => runDays === most);
  const run = week?.days.filter(({ distance, time }) => distance > 0 || time > 0) ?? [];
  return new Map(run.map(({ date, role }) => [weekdayOf(date), role]));
}
