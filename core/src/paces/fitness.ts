import type { PaceModelName } from '../spec/choices/index.js';
import type { CivilDate } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import type { ResolvedSpec } from '../spec/index.js';
import { type Effort, ageInWeeks, effortsOn } from './efforts.js';
import { type Caution, withCaution } from './low-volume.js';
import type { PaceFit, TimeFor } from './model.js';
import { paceModels } from './models.js';
import { powerLawFit } from './power-law.js';
import { predictTime } from './riegel.js';

/** What of the spec paces come from. */
export type PaceSubject = Pick<ResolvedSpec, 'athlete' | 'race' | 'paces' | 'start'> & {
  /** The number of the defaults; the newest when left out. */
  engine?: number | undefined;
  volume?: Pick<ResolvedSpec['volume'], 'peak'> | undefined;
};

/** What an athlete can run today, as far as the results tell. */
export interface Fitness {
  timeFor: TimeFor;
  /** Whether a prediction lies where the model is known to hold. */
  holds: PaceFit['holds'];
  /** The model it comes from: the athlete’s, or the power law where that one lacks something. */
  model: PaceModelName;
  /** What the athlete’s model lacks, in a sentence. */
  lacking: string | undefined;
  /** Newest first; at least one. */
  efforts: readonly [Effort, ...Effort[]];
  /** Metres in the heaviest week wished for, where one is. */
  peak: number | undefined;
  /** Set where a marathon was made careful for little running. */
  caution: Caution | undefined;
  /** Weeks from the newest effort to the day asked about, and whether they make it stale. */
  age: number;
  stale: boolean;
}

/** The day whose results the paces of `day` rest on: the last re-pacing before it, else the start. */
export function pacedOn({ paces, start }: PaceSubject, day: CivilDate): CivilDate {
  return paces.repaced.findLast((date) => date <= day) ?? start;
}

/**
 * Current fitness as the paces of `day` take it.
 *
 * @returns undefined without a result of full effort
 */
export function fitnessOn(
  subject: PaceSubject,
  rules: HouseRules,
  day: CivilDate,
): Fitness | undefined {
  const { athlete } = subject;
  const { staleWeeks } = rules.paces;
  const [newest, ...older] = effortsOn(athlete.results, pacedOn(subject, day), staleWeeks);
  if (!newest) return undefined;
  const efforts = [newest, ...older] as const;
  const asked = paceModels[athlete.paceModel].fit(efforts, rules);
  const lacking = typeof asked === 'string' ? asked : undefined;
  const { timeFor, holds } = typeof asked === 'string' ? powerLawFit(efforts) : asked;
  const model = lacking === undefined ? athlete.paceModel : 'power-law';
  const peak = peakMetres(subject, timeFor);
  const age = ageInWeeks(newest, day);
  const careful = withCaution(timeFor, efforts, peak, rules);
  return {
    model,
    lacking,
    efforts,
    peak,
    age,
    stale: age > staleWeeks,
    holds,
    // A coach's own ladder is obeyed to the second: there the caution only speaks.
    timeFor: model === 'ladder' ? timeFor : careful.timeFor,
    caution: careful.caution,
  };
}

/** Rough seconds per km between a marathon and easy running, to count minutes as metres. */
const ABOUT_EASY = 70;

/** The heaviest week wished for, in metres; undefined where none is known yet. */
function peakMetres({ athlete, volume }: PaceSubject, timeFor: TimeFor): number | undefined {
  if (volume === undefined || athlete.basis === 'distance') return volume?.peak;
  const easy = (timeFor(42_195) / 42_195) * 1000 + ABOUT_EASY;
  return Number.isFinite(easy) ? (volume.peak / easy) * 1000 : undefined;
}

/**
 * Times at the goal: current fitness quickened until it meets the goal time, so
 * that the athlete’s own bent stays; without a result, the power law from the goal.
 *
 * @returns undefined without a goal time
 */
export function goalTimes(
  { race: { distance, goalTime } }: Pick<PaceSubject, 'race'>,
  fitness: Pick<Fitness, 'timeFor'> | undefined,
): TimeFor | undefined {
  if (goalTime === undefined) return undefined;
  const now = fitness?.timeFor(distance);
  if (!fitness || now === undefined || !Number.isFinite(now)) {
    return (metres) => predictTime({ distance, time: goalTime }, metres);
  }
  return (metres) => fitness.timeFor(metres) * (goalTime / now);
}
