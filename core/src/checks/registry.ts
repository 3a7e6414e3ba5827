import { blockTooLong, blockTooShort } from './block-length.js';
import { fewerRunDays } from './fewer-run-days.js';
import type { Check } from './finding.js';
import { growthOverCap } from './growth-over-cap.js';
import { hardDayAway } from './hard-day-away.js';
import { longRunGrownTooFast } from './long-run-grown-too-fast.js';
import { longRunHeldDown } from './long-run-held-down.js';
import { longRunNearRace } from './long-run-near-race.js';
import { longRunOverShare } from './long-run-over-share.js';
import { longRunOverTime } from './long-run-over-time.js';
import { noRecoveryWeek } from './no-recovery-week.js';
import { notFeasible } from './not-feasible.js';
import { ownPhasesScaled } from './own-phases-scaled.js';
import { raceInThePast } from './race-in-the-past.js';
import { startAboveHeld } from './start-above-held.js';
import { taperTooDeep, taperTooShallow } from './taper-depth.js';
import { tooLongAtPeak } from './too-long-at-peak.js';
import { under18Week } from './under-18-week.js';
import { volumeLowForDistance } from './volume-low-for-distance.js';

/** Every check there is. Adding one is one file, one line here and its sentence. */
export const checks = [
  under18Week,
  notFeasible,
  growthOverCap,
  startAboveHeld,
  longRunGrownTooFast,
  longRunOverTime,
  longRunNearRace,
  noRecoveryWeek,
  tooLongAtPeak,
  taperTooShallow,
  blockTooShort,
  longRunOverShare,
  longRunHeldDown,
  taperTooDeep,
  volumeLowForDistance,
  blockTooLong,
  fewerRunDays,
  hardDayAway,
  ownPhasesScaled,
  raceInThePast,
] as const satisfies readonly Check[];

export type CheckCode = (typeof checks)[number]['code'];
