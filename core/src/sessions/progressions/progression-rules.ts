import type { ProgressionRuleName } from '../../spec/choices/index.js';
import type { ProgressionRule } from './progression-rule.js';
import { fewerRepetitions } from './fewer-repetitions.js';
import { fewerFaster } from './fewer-faster.js';
import { longer } from './longer.js';
import { longerHill } from './longer-hill.js';
import { longerRepetitions } from './longer-repetitions.js';
import { moreAtTheEnd } from './more-at-the-end.js';
import { moreRepetitions } from './more-repetitions.js';
import { onOff } from './on-off.js';
import { sameTotal } from './same-total.js';
import { shorter } from './shorter.js';
import { shorterRepetitions } from './shorter-repetitions.js';

/** Every way a family of sessions can go on. Adding one is one file and one line here. */
export const progressionRules: Readonly<Record<ProgressionRuleName, ProgressionRule>> = {
  longer,
  'longer-repetitions': longerRepetitions,
  'same-total': sameTotal,
  'fewer-faster': fewerFaster,
  'more-repetitions': moreRepetitions,
  'longer-hill': longerHill,
  'on-off': onOff,
  'more-at-the-end': moreAtTheEnd,
  shorter,
  'shorter-repetitions': shorterRepetitions,
  'fewer-repetitions': fewerRepetitions,
};
