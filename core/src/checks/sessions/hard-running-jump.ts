import { sum } from '../../base/index.js';
import { isUphill, mainOf } from '../../layout/block/index.js';
import { isUnder18 } from '../../spec/index.js';
import { check } from '../common/check.js';

/** Hard metres of the last session at a place in the week, and of the last one of a family. */
interface LastOfPlace {
  /** Of what was run on the flat on other days, where hills have stood here since. */
  hard: number;
  hillsSince: boolean;
  family: string | undefined;
  ofFamily: number;
}

/** Policy: metres by which a session may grow whatever it was; of next to nothing every share is a jump. */
const SMALL_RISE = { adult: 1500, under18: 750 } as const;

/** What rounding to whole repetitions may add, of a session that the product laid. */
const WHOLE_REPETITIONS = 0.05;

/** A key session with far more hard running than the last one of its day. Value and limit: the rise as a share. */
export const hardRunningJump = check({
  code: 'hard-running-jump',
  level: 'caution',
  run({ block: { weeks, spec }, rules }) {
    const limit = rules.sessions.mostJump;
    const small = SMALL_RISE[isUnder18(spec) ? 'under18' : 'adult'];
    const last = new Map<number, LastOfPlace>();
    // In turn, a family goes on from its own last exposure, not from another’s.
    const inTurn = new Set<string>();
    return weeks.flatMap(({ number, days, volumeRule }) =>
      days
        .filter(({ role, swap }) => role === 'quality' && !swap)
        .flatMap((day, place) => {
          const session = mainOf(day);
          const before = last.get(place);
          const hard = sum(day.sessions.map(({ hardDistance }) => hardDistance));
          const family = session?.family?.id;
          // What a race or days away made smaller is no measure of the next.
          if (volumeRule === 'event' && before && hard <= before.hard) {
            // It is an exposure of its family all the same.
            before.family = family;
            return [];
          }
          // Hills are no measure for the flat; what is run there meanwhile is.
          if (session && isUphill(session)) {
            if (before) before.hillsSince = true;
            return [];
          }
          for (const [at, other] of last) {
            if (at !== place && other.hillsSince) other.hard = Math.max(other.hard, hard);
          }
          // A lighter session written in between is no measure for the next of a family.
          const most = Math.max(before?.hard ?? 0, family ? (before?.ofFamily ?? 0) : 0);
          last.set(place, {
            hard,
            hillsSince: false,
            family,
            ofFamily: family ? hard : (before?.ofFamily ?? 0),
          });
          // Within a family the coach chose how it grows.
          const goesOn = family !== undefined && (family === before?.family || inTurn.has(family));
          if (family && spec.rotations) inTurn.add(family);
          if (!before || most === 0 || goesOn || hard - most <= small) return [];
          const value = hard / most - 1;
          return value > limit + (family ? WHOLE_REPETITIONS : 0) + 1e-9
            ? [{ weeks: [number], value, limit }]
            : [];
        }),
    );
  },
});
