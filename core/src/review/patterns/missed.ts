import { spellToAnswer } from '../done/spell-to-answer.js';
import type { FindPattern } from './pattern.js';

/** Days missed in a row: up to now, or with something still to be done about them. */
export const daysMissed: FindPattern = (review) => {
  const spell = spellToAnswer(review);
  if (!spell) return undefined;
  const { fewMissed } = review.rules.diary;
  return {
    code: 'days-missed',
    level: spell.length > fewMissed ? 'caution' : 'note',
    dates: spell.days.map(({ day }) => day.date),
    value: spell.length,
    limit: fewMissed,
  };
};
