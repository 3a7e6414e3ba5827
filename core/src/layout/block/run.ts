import type { DaySession } from './day.js';

type Figures = Pick<
  DaySession,
  'distance' | 'time' | 'hardDistance' | 'hardTime' | 'family' | 'addOn'
> & { uphill: boolean };

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
  readonly #uphill: boolean;

  constructor(words: () => string, figures: Figures) {
    const { distance, time, hardDistance, hardTime, family, addOn, uphill } = figures;
    this.distance = distance;
    this.time = time;
    this.hardDistance = hardDistance;
    this.hardTime = hardTime;
    this.family = family;
    this.addOn = addOn;
    this.#words = words;
    this.#uphill = uphill;
  }

  get shorthand(): string {
    return this.#words();
  }

  get uphill(): boolean {
    return this.#uphill;
  }

  /** Written out with its words, as a file or another program has it. */
  toJSON(): DaySession {
    const { kind, shorthand, distance, time, hardDistance, hardTime, family, addOn } = this;
    return { kind, shorthand, distance, time, hardDistance, hardTime, family, addOn };
  }
}

/** True where some of a session is run uphill; one that was handed out says so in its words alone. */
export function isUphill(session: DaySession): boolean {
  return session instanceof Run ? session.uphill : session.shorthand.includes('uphill');
}
