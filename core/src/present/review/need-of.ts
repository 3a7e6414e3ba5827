import type { Level } from '../../checks/index.js';
import { patternsOf, type Review } from '../../review/index.js';
import { patternTitles, patternWords } from './pattern-words.js';

/** Why an athlete is looked at before others. */
export interface Need {
  level: Level;
  title: string;
  message: string;
}

/**
 * The gravest that was found in a diary, for a list of many athletes; null where
 * nothing is. Health is told on the athlete’s own pages alone: here, that there is something.
 */
export function needOf(review: Review): Need | null {
  const [gravest] = patternsOf(review);
  if (!gravest) return null;
  const { level, code, health } = gravest;
  return health
    ? { level, title: 'The mornings need a look', message: 'Open the diary.' }
    : { level, title: patternTitles[code], message: patternWords(gravest) };
}
