import { createHash } from 'node:crypto';
import { dayLoad } from '@nadir/core/layout';
import type { Day } from '@nadir/core/layout/block';
import { asPlanned, type RunEntry } from '@nadir/core/record';
import { targetsOf } from '@nadir/core/review';

/** How an invented athlete runs what is planned. */
export interface Temper {
  /** Decides the scatter: the same days are run the same way. */
  seed: string;
  /** Of the planned pace on easy days; under 1 is quicker. */
  easy: number;
  /** Part by which the last repetition is slower than the first. */
  fade: number;
}

/** What a run is made from. */
export interface PlannedRun {
  day: Day;
  sessionPaces: Parameters<typeof targetsOf>[1]['sessionPaces'];
  hearts: { maxHeart?: number | undefined; restHeart?: number | undefined };
}

const SCATTER = { distance: 0.02, pace: 0.02, rep: 0.006 };
const EASY_EFFORT = 3;
const EASY: ReadonlySet<Day['role']> = new Set(['easy', 'short-easy', 'recovery']);
/** Share of the heart's range at an effort of 3, and what each step of effort adds. */
const HEART = { easy: 0.6, step: 0.055 };

/** Runs a planned day as an invented athlete would, with believable scatter; nothing where nothing is planned. */
export function runDay({ day, sessionPaces, hearts }: PlannedRun, temper: Temper): RunEntry[] {
  const random = randomOf(`${temper.seed} ${day.date}`);
  const isEasy = EASY.has(day.role);
  // As hard as the plan takes the day to be, give or take.
  const usual = day.time > 0 ? dayLoad(day) / (day.time / 60) : EASY_EFFORT;
  const reps = repsOf(targetsOf(day, { sessionPaces }), day, temper, random);
  return asPlanned(day).map((planned, index) => {
    if (planned.kind !== 'run' || !planned.distance || !planned.time) return planned;
    const distance = Math.round(planned.distance * around(random, SCATTER.distance));
    const pace = (planned.time / planned.distance) * (isEasy ? temper.easy : 1);
    const effort = Math.min(10, Math.max(1, Math.round(usual + random() - 0.5)));
    return {
      ...planned,
      distance,
      time: Math.round(distance * pace * around(random, SCATTER.pace)),
      effort,
      start: index === 0 ? '07:10' : '18:00',
      ...heartOf(effort, hearts),
      ...(index === 0 && reps.length > 0 && { reps }),
      source: 'watch',
    };
  });
}

/** As many as the session has, even at first and slower towards the end. */
function repsOf(
  targets: readonly number[],
  day: Day,
  { fade }: Temper,
  random: () => number,
): number[] {
  if (day.role !== 'quality') return [];
  const [target] = targets;
  if (target === undefined) return [];
  const count =
    targets.length > 1 ? targets.length : Math.max(1, Math.round(day.hardTime / target));
  const last = Math.max(1, count - 1);
  return Array.from({ length: count }, (_, index) => {
    const aim = targets[index] ?? target;
    const seconds = aim * around(random, SCATTER.rep) * (1 + fade * (index / last - 0.3));
    return Math.max(1, Math.round(seconds * 10) / 10);
  });
}

function heartOf(effort: number, { maxHeart, restHeart = 50 }: PlannedRun['hearts']) {
  if (maxHeart === undefined) return {};
  const share = Math.min(0.97, HEART.easy + HEART.step * (effort - EASY_EFFORT));
  return { heart: Math.round(restHeart + share * (maxHeart - restHeart)) };
}

/** 1, give or take a part. */
function around(random: () => number, part: number): number {
  return 1 + part * (2 * random() - 1);
}

/** Numbers from 0 to 1 that follow from a text: of a stand-in, never of a secret. */
export function randomOf(seed: string): () => number {
  let turn = 0;
  return () => {
    const digest = createHash('sha256').update(`${seed} ${turn++}`).digest();
    return digest.readUInt32BE(0) / 2 ** 32;
  };
}
