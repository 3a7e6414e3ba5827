import type { BlockFile } from '@nadir/contract';
import { type CivilDate, type Problem, type Settled, type Weekday } from '@nadir/core';
/** The distances most coaches coach for; any other is typed in metres. */
export declare const raceDistances: readonly [
  readonly [800, '800 m'],
  readonly [1500, '1500 m'],
  readonly [1609, 'mile'],
  readonly [3000, '3000 m'],
  readonly [5000, '5 km'],
  readonly [10000, '10 km'],
  readonly [21097.5, 'half marathon'],
  readonly [42195, 'marathon'],
];
export declare const UNNAMED_RACE = 'Goal race';
/** The wishes a new block starts from: a race far enough away to prepare for. */
export declare function freshWishes(today: CivilDate, weekStartsOn: Weekday): BlockFile;
export interface Answered extends Settled {
  /** Wishes that can be drawn and kept; undefined while a problem stands. */
  file: BlockFile | undefined;
  problems: Problem[];
}
/** Works out every open answer for a race from `today` on, and what stands in the way. */
export declare function answer(asked: BlockFile, today: CivilDate): Answered;
