import { fixedDatesOf, Rota } from '../../layout/index.js';
import { type Block, type Day, mainOf } from '../../layout/block/index.js';
import type { CivilDate } from '../../base/index.js';
import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** A quality day whose week does not bear the smallest of its session. Value: such days of a week; limit: 0. */
export const sessionDropped = check({
  code: 'session-dropped',
  level: 'note',
  run({ block }) {
    const empty = daysToRace(block).filter(({ day }) => isEmpty(day));
    // Most blocks lay every session.
    if (empty.length === 0) return [];
    const meant = datesMeant(block);
    const fixed = fixedDatesOf(block);
    const isMeant = ({ date }: Day) => meant.has(date) && fixed.get(date)?.session === undefined;
    return dayByWeek(empty.filter(({ day }) => isMeant(day)));
  },
});

/** Days that a session would have been laid into. */
const DEALT: ReadonlySet<string> = new Set(['share', 'session', 'pin']);

/** True for a quality day without its session: of whose paces nothing is known, what is hard is not known either. */
function isEmpty(day: Day): boolean {
  const isOpen = day.role === 'quality' && !day.swap && DEALT.has(day.rule);
  return isOpen && mainOf(day)?.family === undefined;
}

/** The days that a session is meant for. */
function datesMeant({ spec, weeks }: Block): ReadonlySet<CivilDate> {
  const rota = new Rota(spec);
  const meant = new Set<CivilDate>();
  for (const { number, phase, days } of weeks) {
    const quality = days.filter(({ role }) => role === 'quality');
    for (const [index, { date }] of quality.entries()) {
      if (rota.next({ date, week: number, phase, nth: index + 1 })) meant.add(date);
    }
  }
  return meant;
}
