import { mainOf, Rota } from '../../layout/index.js';
import type { CivilDate } from '../../base/index.js';
import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** A quality day whose week does not bear the smallest of its session. Value: such days of a week; limit: 0. */
export const sessionDropped = check({
  code: 'session-dropped',
  level: 'note',
  run({ block }) {
    const { spec, weeks } = block;
    const rota = new Rota(spec);
    const meant = new Set<CivilDate>();
    for (const { number, phase, days } of weeks) {
      const quality = days.filter(({ role }) => role === 'quality');
      for (const [index, { date }] of quality.entries()) {
        if (rota.next({ date, week: number, phase, nth: index + 1 })) meant.add(date);
      }
    }
    const dropped = daysToRace(block).filter(({ day }) => {
      const isOpen = day.role === 'quality' && !day.swap && DEALT.has(day.rule);
      // Of whose paces nothing is known, what is hard is not known either: the family tells.
      return isOpen && mainOf(day)?.family === undefined && meant.has(day.date);
    });
    return dayByWeek(dropped);
  },
});

/** Days that a session would have been laid into. */
const DEALT: ReadonlySet<string> = new Set(['share', 'session', 'pin']);
