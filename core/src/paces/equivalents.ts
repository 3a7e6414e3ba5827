import { type PaceModelName, paceModelNames } from '../spec/choices/index.js';
import type { CivilDate } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import { type PaceSubject, fitnessOn } from './fitness.js';
import { paceModels } from './models.js';
import { withCaution } from './low-volume.js';

/** The distances every table has, metres. */
export const standardDistances = [
  800, 1500, 1609.344, 3000, 5000, 10_000, 15_000, 21_097.5, 42_195,
] as const;

/** A predicted time, seconds; `holds` is false where the model is not known to. */
export interface Prediction {
  time: number;
  holds: boolean;
}

/** One model beside the others. */
export interface ModelColumn {
  name: PaceModelName;
  /** What the efforts lack for it, in a sentence; nothing else is set then. */
  lacking: string | undefined;
  words: string;
  /** By distance, in the order asked for; undefined where it says nothing. */
  predictions: (Prediction | undefined)[];
  /** Seconds each effort took over what the model says, newest first; undefined where it says nothing. */
  residuals: (number | undefined)[];
}

/**
 * Every model’s times for some distances, from the results that the paces of
 * `day` rest on.
 */
export function equivalentsOn(
  subject: PaceSubject,
  rules: HouseRules,
  day: CivilDate,
  distances: readonly number[] = standardDistances,
): ModelColumn[] {
  const fitness = fitnessOn(subject, rules, day);
  const efforts = fitness?.efforts ?? [];
  return paceModelNames.map((name): ModelColumn => {
    const fit = paceModels[name].fit(efforts, rules);
    if (typeof fit === 'string') {
      return { name, lacking: fit, words: '', predictions: [], residuals: [] };
    }
    const careful = withCaution(fit.timeFor, efforts, fitness?.peak, rules);
    // The coach's own steps are obeyed to the second.
    const timeFor = name === 'ladder' ? fit.timeFor : careful.timeFor;
    return {
      name,
      lacking: undefined,
      words: fit.words,
      predictions: distances.map((distance) => {
        const time = timeFor(distance);
        return Number.isFinite(time) ? { time, holds: fit.holds(distance, time) } : undefined;
      }),
      residuals: efforts.map(({ distance, time }) => {
        const seconds = time - fit.timeFor(distance);
        return Number.isFinite(seconds) ? seconds : undefined;
      }),
    };
  });
}
