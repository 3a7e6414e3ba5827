import type { WayName } from '../../spec/choices.js';
import type { Way } from './way.js';
import { fewerFaster } from './ways/fewer-faster.js';
import { longer } from './ways/longer.js';
import { longerHill } from './ways/longer-hill.js';
import { longerRepetitions } from './ways/longer-repetitions.js';
import { moreAtTheEnd } from './ways/more-at-the-end.js';
import { moreRepetitions } from './ways/more-repetitions.js';
import { onOff } from './ways/on-off.js';
import { sameTotal } from './ways/same-total.js';

/** Every way a family of sessions can go on. Adding one is one file and one line here. */
export const ways: Readonly<Record<WayName, Way>> = {
  longer,
  'longer-repetitions': longerRepetitions,
  'same-total': sameTotal,
  'fewer-faster': fewerFaster,
  'more-repetitions': moreRepetitions,
  'longer-hill': longerHill,
  'on-off': onOff,
  'more-at-the-end': moreAtTheEnd,
};
