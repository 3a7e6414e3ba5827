import type { DaySession } from './day.js';

type Figures = Pick<
  DaySession,
  'distance' | 'time' | 'hardDistance' | 'hardTime' | 'family' | 'addOn'
>;

/**
 * A run of a day. Its words are written when they are read: most days of a block
 * that is being shaped never are.
 */
export class Run implements DaySession {
  readonly kind = 'run';
  readonly distance: number;
  readonly time: number;
  readonly hardDistance: number;
  readonly hardTime: number;
  readonly family: DaySession['family'];
  readonly addOn: DaySession['addOn'];
  readonly #words: () => string;

  constructor(words: () => string, figures: Figures) {
    const { distance, time, hardDistance, hardTime, family, addOn } = figures;
    this.distance = distance;
    this.time = time;
    this.hardDistance = hardDistance;
    this.hardTime = hardTime;
    this.family = family;
    this.addOn = addOn;
    this.#words = words;
  }

  get shorthand(): string {
    return this.#words();
  }

  /** Written out with its words, as a file or another program has it. */
  toJSON(): DaySession {
    const { kind, shorthand, distance, time, hardDistance, hardTime, family, addOn } = this;
    return { kind, shorthand, distance, time, hardDistance, hardTime, family, addOn };
  }
}
