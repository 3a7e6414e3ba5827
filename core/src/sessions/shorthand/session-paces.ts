import type { CivilDate } from '../../base/index.js';
import {
  type DayTimes,
  dayTimes,
  defaultPacesOf,
  guessedLoose,
  guessedTimes,
  middleOf,
  type PaceSubject,
  rangeOf,
  type TimeFor,
} from '../../paces/index.js';
import { paceNamed } from './link-paces.js';

/** The paces a session is worked out at, s/km. */
export interface SessionPaces {
  /**
   * True with neither a result nor a goal: lengths and hard minutes are worked out
   * at a guess from recent weeks, which nobody is told to run or held to.
   */
  guessed: boolean;
  /** A pace by its name, its id or a short form such as `10k`; undefined for none. */
  find: (name: string) => { id: string; pace: number } | undefined;
  /** The pace whose heart rates lie about a share of the highest, s/km; undefined where none do. */
  atHeart: (share: number) => number | undefined;
  easy: number;
  /** Between repetitions. */
  jog: number;
  /** This quick, running is hard. */
  hardFrom: number;
}

/** Seconds per km slower than marathon pace at which running begins to be hard. Policy. */
const HARD_WITHIN = 5;
/** The pace of the goal race itself; in no table, as it belongs to the block. */
export const RACE_PACE = 'race pace';

/** The paces of a day as sessions use them; `race pace` is the goal’s, else what is current. */
function sessionPaces(subject: PaceSubject, known: TimeFor | undefined): SessionPaces {
  const { table } = subject.paces;
  const { distance, goalTime } = subject.race;
  const guessed = known === undefined;
  const used = known ?? guessedTimes(subject.athlete);
  const usual = defaultPacesOf(subject.engine);
  const paces = new Map<string, number | undefined>();
  const worked = (id: string): number | undefined => {
    if (guessed && (id === 'easy' || id === 'recovery')) return guessedLoose(subject.athlete, id);
    const named = [...table, ...usual].find((each) => each.id === id);
    const range = named && rangeOf(named, used);
    return range && middleOf(range);
  };
  const paceOf = (id: string): number | undefined => {
    if (!paces.has(id)) paces.set(id, worked(id));
    return paces.get(id);
  };
  const easy = paceOf('easy') ?? guessedLoose(subject.athlete, 'easy');
  const time = goalTime ?? used(distance);
  const race = Number.isFinite(time) ? (time / distance) * 1000 : undefined;
  return {
    guessed,
    find(name) {
      const named = paceNamed(name, table);
      const pace = named && paceOf(named.id);
      if (named && pace !== undefined) return { id: named.id, pace };
      const goal = race !== undefined && /^(race|goal)/i.test(name);
      return goal ? { id: RACE_PACE, pace: race } : undefined;
    },
    atHeart(share) {
      const near = table
        .filter(({ heart }) => heart?.of === 'maximum')
        .map(({ id, heart }) => ({
          id,
          off: Math.abs(((heart?.from ?? 0) + (heart?.to ?? 0)) / 2 - share),
        }))
        .sort((a, b) => a.off - b.off)[0];
      return near && paceOf(near.id);
    },
    easy,
    jog: paceOf('recovery') ?? easy,
    hardFrom: (paceOf('marathon') ?? easy - 60) + HARD_WITHIN,
  };
}

/** The paces of sessions day by day; worked out once for all the days that share them. */
export function sessionPacesOn(
  subject: PaceSubject,
  times: DayTimes,
): (day: CivilDate) => SessionPaces {
  const known = new Map<TimeFor | undefined, SessionPaces>();
  return (day) => {
    const used = times(day);
    const found = known.get(used) ?? sessionPaces(subject, used);
    known.set(used, found);
    return found;
  };
}

/** The paces of sessions on one day of a block. */
export function sessionPacesOf(
  subject: PaceSubject,
  rules: Parameters<typeof dayTimes>[1],
  day: CivilDate,
): SessionPaces {
  return sessionPaces(subject, dayTimes(subject, rules)(day));
}
