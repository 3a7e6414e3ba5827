import type { RaceRules } from '../../rules/index.js';

export interface LengthSchool {
  title: string;
  /** What it is for and what it costs, in one sentence. */
  why: string;
  /** Weeks of the block. */
  weeks: (race: RaceRules) => number;
}

const schools = {
  'short-and-sharp': {
    title: 'Short and sharp',
    why: 'For those with a deep base: fresh and keen on race day, with little room for a bad week.',
    weeks: ({ weeks: { least, usual } }) => Math.min(usual, least + 1),
  },
  standard: {
    title: 'Standard',
    why: 'Time for every phase and for one thing to go wrong.',
    weeks: ({ weeks: { usual } }) => usual,
  },
  'long-build': {
    title: 'Long build',
    why: 'For first-timers and big goals: gentle rises, at the price of a long stay under load.',
    weeks: ({ weeks: { most } }) => most,
  },
} as const satisfies Record<string, LengthSchool>;

export type LengthSchoolName = keyof typeof schools;
export const lengthSchools: Readonly<Record<LengthSchoolName, LengthSchool>> = schools;
export const lengthSchoolNames = Object.keys(schools) as [LengthSchoolName, ...LengthSchoolName[]];
