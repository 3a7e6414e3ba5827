import { differenceInDays } from '../../base/index.js';
import { check } from '../common/check.js';

/** Of so many run days one fewer is still held, whatever part of them it is. */
const SEVERAL = 4;

/** Run days missing from a taper week. Value and limit: part of the usual run days; race day counts as one. */
export const taperRunDaysDropped = check({
  code: 'taper-run-days-dropped',
  level: 'note',
  run({ block: { weeks, spec }, rules }) {
    const limit = rules.taper.leastRunDays;
    const { restDaysOut } = rules.raceWeek;
    const whole = weeks.filter(({ kind, length }) => kind === 'building' && length === 7);
    const usual = Math.max(0, ...whole.map(({ runDays }) => runDays));
    const tapering = weeks.filter(
      ({ kind, running }) => (kind === 'taper' || kind === 'race') && running === 1,
    );
    return tapering.flatMap(({ number, kind, start, runDays }) => {
      const before = differenceInDays(spec.race.date, start);
      // Before a race early in its week there is no room for the usual days; its day of rest is a rule.
      const rests = restDaysOut > 0 && restDaysOut <= before ? 1 : 0;
      const room = kind === 'race' ? before + 1 - rests : 7;
      const days = Math.min(usual, room);
      const ran = runDays + (kind === 'race' ? 1 : 0);
      const value = ran / days;
      const isHeld = value >= limit - 1e-9 || (days >= SEVERAL && days - ran <= 1);
      return isHeld ? [] : [{ weeks: [number], value, limit }];
    });
  },
});
