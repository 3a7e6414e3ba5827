import { blockTooLong, blockTooShort } from './block-length.js';
import { crossAfterQuality } from './cross-after-quality.js';
import { doublesTooSoon, under18Doubles } from './doubles-too-soon.js';
import { easyPaceTooFast } from './easy-pace-too-fast.js';
import { fewerRunDays } from './fewer-run-days.js';
import { fixedDayOverruled } from './fixed-day-overruled.js';
import type { Check } from './finding.js';
import { goalFarFromFitness } from './goal-far-from-fitness.js';
import { growthOverCap } from './growth-over-cap.js';
import { hardDayAway } from './hard-day-away.js';
import { hardDaysAdjacent } from './hard-days-adjacent.js';
import { hardEffortNearRace } from './hard-effort-near-race.js';
import { hardRunningJump } from './hard-running-jump.js';
import { tooLittleHard, tooMuchHard } from './hard-share.js';
import { injuredHardRunning } from './injured-hard-running.js';
import { jumpAfterRecovery } from './jump-after-recovery.js';
import { longRunGrownTooFast } from './long-run-grown-too-fast.js';
import { longRunHeldDown } from './long-run-held-down.js';
import { longRunNearRace } from './long-run-near-race.js';
import { longRunNoDay } from './long-run-no-day.js';
import { longRunOverRace } from './long-run-over-race.js';
import { longRunOverShare } from './long-run-over-share.js';
import { longRunOverTime } from './long-run-over-time.js';
import { fewLongRuns, manyLongRuns } from './long-runs-near-peak.js';
import { monotony } from './monotony.js';
import { noRecoveryWeek } from './no-recovery-week.js';
import { notFeasible } from './not-feasible.js';
import { ownPhasesScaled } from './own-phases-scaled.js';
import { pacesStale } from './paces-stale.js';
import { peakFarFromRace, peakNearRace } from './peak-place.js';
import { phaseLeftOut, phaseTooShort } from './phase-length.js';
import { qualityInEasyPhase } from './quality-in-easy-phase.js';
import { raceInThePast } from './race-in-the-past.js';
import { racePaceNever } from './race-pace-never.js';
import { racesTooClose } from './races-too-close.js';
import { recoveryHasHardDay } from './recovery-has-hard-day.js';
import { recoveryTooShallow } from './recovery-too-shallow.js';
import { recoveryWeekLeftOut } from './recovery-week-left-out.js';
import { restBeforeHard } from './rest-before-hard.js';
import { returnTooQuick } from './return-too-quick.js';
import { runTooShort } from './run-too-short.js';
import { semiLongNearLong } from './semi-long-near-long.js';
import { sessionOutsideDays } from './session-outside-days.js';
import { startAboveHeld } from './start-above-held.js';
import { strengthBeforeHard } from './strength-before-hard.js';
import { taperTooDeep, taperTooShallow } from './taper-depth.js';
import { taperTooLong, taperTooShort } from './taper-length.js';
import { taperNotQuick } from './taper-not-quick.js';
import { taperRunDaysDropped } from './taper-run-days-dropped.js';
import { testMissing } from './test-missing.js';
import { testTooLate } from './test-too-late.js';
import { tooLongAtPeak } from './too-long-at-peak.js';
import { tuneUpNearRace } from './tune-up-near-race.js';
import { under18HardDays } from './under-18-hard-days.js';
import { under18Week } from './under-18-week.js';
import { unknownPace } from './unknown-pace.js';
import { volumeLowForDistance } from './volume-low-for-distance.js';
import { weekOverWish } from './week-over-wish.js';

/** Every check there is. Adding one is one file, one line here and its sentence. */
export const checks = [
  injuredHardRunning,
  returnTooQuick,
  under18Week,
  under18HardDays,
  under18Doubles,
  notFeasible,
  growthOverCap,
  startAboveHeld,
  jumpAfterRecovery,
  recoveryTooShallow,
  recoveryHasHardDay,
  longRunGrownTooFast,
  longRunOverTime,
  longRunOverRace,
  longRunNearRace,
  fewLongRuns,
  hardEffortNearRace,
  tuneUpNearRace,
  racesTooClose,
  hardDaysAdjacent,
  tooMuchHard,
  hardRunningJump,
  qualityInEasyPhase,
  weekOverWish,
  semiLongNearLong,
  sessionOutsideDays,
  monotony,
  racePaceNever,
  noRecoveryWeek,
  tooLongAtPeak,
  peakNearRace,
  taperTooShallow,
  taperTooShort,
  blockTooShort,
  goalFarFromFitness,
  easyPaceTooFast,
  longRunOverShare,
  longRunHeldDown,
  longRunNoDay,
  manyLongRuns,
  peakFarFromRace,
  taperTooDeep,
  taperTooLong,
  taperRunDaysDropped,
  volumeLowForDistance,
  blockTooLong,
  phaseTooShort,
  phaseLeftOut,
  recoveryWeekLeftOut,
  fewerRunDays,
  hardDayAway,
  ownPhasesScaled,
  restBeforeHard,
  strengthBeforeHard,
  crossAfterQuality,
  doublesTooSoon,
  tooLittleHard,
  taperNotQuick,
  runTooShort,
  unknownPace,
  fixedDayOverruled,
  pacesStale,
  testMissing,
  testTooLate,
  raceInThePast,
] as const satisfies readonly Check[];

export type CheckCode = (typeof checks)[number]['code'];
