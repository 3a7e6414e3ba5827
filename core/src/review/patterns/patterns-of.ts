import { levels } from '../../checks/index.js';
import type { Review } from '../done/review-block.js';
import { easyTooQuick } from './easy-too-quick.js';
import {
  backFromIllness,
  illNow,
  notRecovering,
  runningInPain,
  soreNow,
  soreWithLoad,
} from './health.js';
import { daysMissed } from './missed.js';
import type { FindPattern, Pattern } from './pattern.js';
import { pacesOvertaken, repsTooQuick } from './reps.js';
import { slowAtPulse } from './slow-at-pulse.js';
import { nothingRecorded, overPlan, underPlan } from './volume.js';

/** Every pattern there is; adding one is one function and one line. */
const all: readonly FindPattern[] = [
  runningInPain,
  illNow,
  backFromIllness,
  soreNow,
  notRecovering,
  slowAtPulse,
  daysMissed,
  easyTooQuick,
  repsTooQuick,
  pacesOvertaken,
  underPlan,
  overPlan,
  soreWithLoad,
  nothingRecorded,
];

/** The patterns that hold in a review, the gravest first. */
export function patternsOf(review: Review): Pattern[] {
  return all
    .flatMap((find) => find(review) ?? [])
    .sort((one, other) => levels.indexOf(one.level) - levels.indexOf(other.level));
}
