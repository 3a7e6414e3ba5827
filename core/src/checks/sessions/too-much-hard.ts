import { sum } from '../../base/index.js';
import { isRaced } from '../../layout/index.js';
import type { Day } from '../../layout/block/index.js';
import { check } from '../common/check.js';
import { openDays } from '../common/open-days.js';

/**
 * More of a week hard than it bears, its races counted in; a race on the way by
 * itself is none of its matter. Value and limit: part of the week.
 */
export const tooMuchHard = check({
  code: 'too-much-hard',
  level: 'caution',
  run({ block: { weeks }, rules, today }) {
    const limit = rules.sessions.mostOfWeek;
    return weeks.flatMap((week) => {
      const { number, kind, hardDistance, distance, days } = week;
      const value = distance > 0 ? hardDistance / distance : 0;
      if (kind === 'race' || value <= limit + 1e-9) return [];
      const isOpen = openDays(week, today).some(({ hardTime }) => hardTime > 0);
      return isOpen && hardDistance > racedIn(days) ? [{ weeks: [number], value, limit }] : [];
    });
  },
});

function racedIn(days: readonly Day[]): number {
  const raced = days.filter(({ role }) => isRaced(role));
  return sum(raced.flatMap(({ sessions }) => sessions.map(({ hardDistance }) => hardDistance)));
}
