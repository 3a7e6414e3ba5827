import { mentionsIn, paceNamed, RACE_PACE, sessionOf } from '../../sessions/index.js';
import { check } from '../common/check.js';

/** Sessions that speak of a pace the block has not. Value: days with one; limit: 0. */
export const unknownPace = check({
  code: 'unknown-pace',
  level: 'note',
  run({ block: { weeks, spec } }) {
    const { table } = spec.paces;
    const lost = (text: string): boolean => {
      const session = sessionOf(text);
      if (!session) return true;
      return mentionsIn(session).some(
        (name) => !name.startsWith(RACE_PACE) && !paceNamed(name, table),
      );
    };
    const families = new Set(
      spec.sessions.filter(({ family }) => lost(family.start)).map(({ family }) => family.id),
    );
    const dates = new Set(
      spec.days.filter(({ session }) => session && lost(session)).map(({ date }) => date),
    );
    if (families.size === 0 && dates.size === 0) return [];
    const found = weeks.flatMap(({ number, days }) =>
      days.flatMap(({ date, sessions }) =>
        dates.has(date) || sessions.some(({ family }) => family && families.has(family.id))
          ? [number]
          : [],
      ),
    );
    if (found.length === 0) return [];
    return [{ weeks: [...new Set(found)], value: found.length, limit: 0 }];
  },
});
