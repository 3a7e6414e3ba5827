import type { PhaseKind, Progression, Rotation, SessionUse } from '../../spec/choices/index.js';
import { type CivilDate, weekdayOf } from '../../base/index.js';
import type { ResolvedSpec } from '../../spec/index.js';

/** A quality day of a week. */
export interface QualityDay {
  date: CivilDate;
  /** Number of its week. */
  week: number;
  phase: PhaseKind;
  /** Counted from 1 among the quality days of its week. */
  nth: number;
}

/** A family that is to fill a day. */
export interface Chosen {
  family: Progression;
  /** True where a rotation has put it there: its exposures go on from its last one, wherever that was. */
  rotated: boolean;
}

/**
 * Which family fills which quality day, asked day after day: every rotation that
 * serves a day goes on by one turn with it, the most particular one is heard.
 */
export class Rota {
  readonly #uses: readonly SessionUse[];
  readonly #families: ReadonlyMap<string, Progression>;
  readonly #rotations: readonly Rotation[];
  /** Turns that each rotation has had. */
  readonly #had: number[];

  constructor({ sessions, families = [], rotations = [] }: ResolvedSpec) {
    this.#uses = sessions;
    this.#families = new Map(families.map((family) => [family.id, family]));
    this.#rotations = rotations;
    this.#had = rotations.map(() => 0);
  }

  /** What the next quality day holds; undefined where nothing is meant for it. */
  next(day: QualityDay): Chosen | undefined {
    let found: { id: string | null; rank: number } | undefined;
    for (const [index, rotation] of this.#rotations.entries()) {
      if (!serves(rotation, day)) continue;
      const had = this.#had[index] ?? 0;
      this.#had[index] = had + 1;
      const rank = rankOf(rotation);
      const id = rotation.turn[had % rotation.turn.length] ?? null;
      if (!found || rank >= found.rank) found = { id, rank };
    }
    const rotated = this.#families.get(found?.id ?? '');
    if (rotated) return { family: rotated, rotated: true };
    const family = familyFor(this.#uses, day.phase, day.nth);
    return family && { family, rotated: false };
  }
}

function serves(rotation: Rotation, { date, week, phase, nth }: QualityDay): boolean {
  const { on } = rotation;
  const isPlace = typeof on === 'number' ? on === nth : on === weekdayOf(date);
  return isPlace && holdsIn(rotation, { number: week, phase });
}

/** The last weeks have sessions of their own, unless a rotation names them. */
const LAST: ReadonlySet<PhaseKind> = new Set(['taper', 'race-week', 'recovery']);

/** Whether a rotation fills its place in a week. */
export function holdsIn(
  { phases, weeks }: Rotation,
  { number, phase }: { number: number; phase: PhaseKind },
): boolean {
  if (phases && !phases.includes(phase)) return false;
  if (weeks) return weeks.includes(number);
  return phases !== undefined || !LAST.has(phase);
}

/** Single weeks go over phases, phases over the whole block. */
function rankOf({ phases, weeks }: Rotation): number {
  return weeks ? 2 : phases ? 1 : 0;
}

/** The family of the nth quality day of a week; the last named one serves the days after it. */
function familyFor(
  uses: readonly SessionUse[],
  phase: PhaseKind,
  nth: number,
): Progression | undefined {
  let found: SessionUse | undefined;
  for (const use of uses) {
    const serves = use.phase === phase && use.place <= nth;
    if (serves && use.place > (found?.place ?? 0)) found = use;
  }
  return found?.family;
}
