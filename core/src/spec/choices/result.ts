import type { CivilDate } from '../../base/index.js';

export const resultKinds = ['race', 'time-trial', 'test'] as const;
export type ResultKind = (typeof resultKinds)[number];

/** Plain words for each kind of result. */
export const resultKindWords: Readonly<Record<ResultKind, string>> = {
  race: 'Race',
  'time-trial': 'Time trial',
  test: 'Test',
};

/** What an athlete ran: metres and seconds. */
export interface Result {
  date: CivilDate;
  distance: number;
  time: number;
  kind?: ResultKind | undefined;
  name?: string | undefined;
  /** Which of the two was set beforehand; the distance when left out. */
  fixed?: 'distance' | 'time' | undefined;
  /** Wind, heat, hills, in words. */
  conditions?: string | undefined;
  /** False when something was held back: shown, and never predicted from. */
  full?: boolean | undefined;
}
