import type { CivilDate } from '../../base/index.js';
import { writtenOf } from '../../spec/days/index.js';
import { familiesOf, type ResolvedSpec } from '../../spec/index.js';
import { mentionsIn, paceNamed, RACE_PACE, sessionOf } from '../../sessions/index.js';
import { textsOf } from '../../sessions/library/index.js';
import { mainOf } from '../../layout/block/index.js';
import { fixedDatesOf } from '../../layout/index.js';
import { check } from '../common/check.js';

/** No running at race pace before the taper. Value: days with it; limit: one. */
export const racePaceNever = check({
  code: 'race-pace-never',
  level: 'caution',
  run({ block }) {
    const { weeks, spec } = block;
    if (spec.athlete.injured || spec.athlete.oftenHurt) return [];
    // Easy running alone is what this layout is for.
    if (spec.phases.layout === 'three-runs-a-week') return [];
    const building = weeks.filter(({ kind }) => kind === 'building' || kind === 'recovery');
    const raced = building.some(
      ({ segment, events }) =>
        segment !== undefined || events.some(({ kind }) => kind === 'tune-up-race'),
    );
    if (raced || building.length === 0) return [];
    const families = new Set(
      familiesOf(spec).flatMap((family) =>
        textsOf(family).some(({ text }) => isAtRacePace(text, spec)) ? [family.id] : [],
      ),
    );
    const fixed = fixedDatesOf(block);
    const isWritten = (date: CivilDate) =>
      writtenOf(fixed.get(date) ?? {}).some((text) => isAtRacePace(text, spec));
    const practised = building.some(({ days }) =>
      days.some((day) => families.has(mainOf(day)?.family?.id ?? '') || isWritten(day.date)),
    );
    if (practised) return [];
    return [{ weeks: building.map(({ number }) => number), value: 0, limit: 1 }];
  },
});

/** Seconds per km within which a named pace is the race's own. */
const AS_GOOD_AS = 0.02;

/** At race pace by name, or at a pace that is the race distance’s own. */
function isAtRacePace(text: string, { race, paces }: ResolvedSpec): boolean {
  const session = sessionOf(text);
  if (!session) return false;
  return mentionsIn(session).some((name) => {
    if (name.startsWith(RACE_PACE)) return true;
    const pace = paceNamed(name, paces.table);
    // Easy running is counted from a race’s pace too, and is far from it.
    if (!pace || !('race' in pace.base) || pace.offset.some((by) => by !== 0)) return false;
    return Math.abs(pace.base.race / race.distance - 1) < AS_GOOD_AS;
  });
}
