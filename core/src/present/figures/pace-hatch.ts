import type { Stretch } from '../../sessions/index.js';

/** Kinds of running that are told apart at a glance: each has one hatch wherever it is drawn. */
export const paceHatches = [
  'easy',
  'jog',
  'steady',
  'race',
  'one-hour',
  'half-hour',
  'quick',
  'rest',
] as const;
export type PaceHatch = (typeof paceHatches)[number];

const BY_NAME: Readonly<Record<string, PaceHatch>> = {
  steady: 'steady',
  marathon: 'race',
  'half-marathon': 'one-hour',
  'one-hour': 'one-hour',
  'half-hour': 'half-hour',
  '10-km': 'half-hour',
  '5-km': 'quick',
  '3-km': 'quick',
  mile: 'quick',
  '800-m': 'quick',
  strides: 'quick',
  'race pace': 'race',
};

export function hatchOf({ pace, hard, named, words }: Stretch): PaceHatch {
  if (pace === undefined) return 'rest';
  const known = named === undefined ? undefined : BY_NAME[named];
  if (known) return known;
  if (hard) return 'half-hour';
  return words.endsWith('jog') ? 'jog' : 'easy';
}
