import { differenceInDays } from '../../base/index.js';
import { check } from '../common/check.js';

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
      const value = (runDays + (kind === 'race' ? 1 : 0)) / Math.min(usual, room);
      return value < limit - 1e-9 ? [{ weeks: [number], value, limit }] : [];
    });
  },
});
