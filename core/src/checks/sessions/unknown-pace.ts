import { mentionsIn, paceNamed, RACE_PACE, sessionOf } from '../../sessions/index.js';
import { textsOf } from '../../sessions/library/index.js';
import { writtenOf } from '../../spec/days/index.js';
import { familiesOf } from '../../spec/index.js';
import { fixedDatesOf } from '../../layout/index.js';
import { check } from '../common/check.js';
import { dayByWeek, daysToRace } from '../common/days-to-race.js';

/** Sessions that speak of a pace the block has not. Value: days of a week with one; limit: 0. */
export const unknownPace = check({
  code: 'unknown-pace',
  level: 'note',
  run({ block }) {
    const { spec } = block;
    const { table } = spec.paces;
    const lost = (text: string): boolean => {
      const session = sessionOf(text);
      if (!session) return true;
      return mentionsIn(session).some(
        (name) => !name.startsWith(RACE_PACE) && !paceNamed(name, table),
      );
    };
    const families = new Set(
      familiesOf(spec).flatMap((family) =>
        textsOf(family).some(({ text }) => lost(text)) ? [family.id] : [],
      ),
    );
    const fixed = fixedDatesOf(block);
    if (families.size === 0 && fixed.size === 0) return [];
    const found = daysToRace(block).filter(
      ({ day: { date, sessions } }) =>
        writtenOf(fixed.get(date) ?? {}).some(lost) ||
        sessions.some(({ family }) => family && families.has(family.id)),
    );
    return dayByWeek(found);
  },
});
