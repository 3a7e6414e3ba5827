import { injuredHardRunning } from './care/injured-hard-running.js';
import { raceAfterIllness } from './care/race-after-illness.js';
import { returnTooQuick } from './care/return-too-quick.js';
import { under18HardDays } from './care/under-18-hard-days.js';
import { under18Week } from './care/under-18-week.js';
import { hardEffortNearRace } from './events/hard-effort-near-race.js';
import { raceInThePast } from './events/race-in-the-past.js';
import { racesTooClose } from './events/races-too-close.js';
import { testMissing } from './events/test-missing.js';
import { testTooLate } from './events/test-too-late.js';
import { tuneUpNearRace } from './events/tune-up-near-race.js';
import { fewLongRuns } from './longrun/few-long-runs.js';
import { longRunGrownTooFast } from './longrun/long-run-grown-too-fast.js';
import { longRunHeldDown } from './longrun/long-run-held-down.js';
import { longRunNearRace } from './longrun/long-run-near-race.js';
import { longRunNoDay } from './longrun/long-run-no-day.js';
import { longRunOverRace } from './longrun/long-run-over-race.js';
import { longRunOverShare } from './longrun/long-run-over-share.js';
import { longRunOverTime } from './longrun/long-run-over-time.js';
import { manyLongRuns } from './longrun/many-long-runs.js';
import { easyPaceTooFast } from './paces/easy-pace-too-fast.js';
import { goalFarFromFitness } from './paces/goal-far-from-fitness.js';
import { pacesStale } from './paces/paces-stale.js';
import { blockTooLong } from './phases/block-too-long.js';
import { blockTooShort } from './phases/block-too-short.js';
import { ownPhasesScaled } from './phases/own-phases-scaled.js';
import { phaseLeftOut } from './phases/phase-left-out.js';
import { phaseTooShort } from './phases/phase-too-short.js';
import { jumpAfterRecovery } from './recovery/jump-after-recovery.js';
import { lightWeeksTogether } from './recovery/light-weeks-together.js';
import { noRecoveryWeek } from './recovery/no-recovery-week.js';
import { recoveryHasHardDay } from './recovery/recovery-has-hard-day.js';
import { recoveryTooShallow } from './recovery/recovery-too-shallow.js';
import { recoveryWeekLeftOut } from './recovery/recovery-week-left-out.js';
import { hardRunningJump } from './sessions/hard-running-jump.js';
import { racePaceNever } from './sessions/race-pace-never.js';
import { tooLittleHard } from './sessions/too-little-hard.js';
import { tooMuchHard } from './sessions/too-much-hard.js';
import { unknownPace } from './sessions/unknown-pace.js';
import { taperNotQuick } from './taper/taper-not-quick.js';
import { taperRunDaysDropped } from './taper/taper-run-days-dropped.js';
import { taperTooDeep } from './taper/taper-too-deep.js';
import { taperTooLong } from './taper/taper-too-long.js';
import { taperTooShallow } from './taper/taper-too-shallow.js';
import { taperTooShort } from './taper/taper-too-short.js';
import { growthOverCap } from './volume/growth-over-cap.js';
import { notFeasible } from './volume/not-feasible.js';
import { peakFarFromRace } from './volume/peak-far-from-race.js';
import { peakNearRace } from './volume/peak-near-race.js';
import { startAboveHeld } from './volume/start-above-held.js';
import { tooLongAtPeak } from './volume/too-long-at-peak.js';
import { volumeLowForDistance } from './volume/volume-low-for-distance.js';
import { weekOverWish } from './volume/week-over-wish.js';
import { weekUnderWish } from './volume/week-under-wish.js';
import { crossAfterQuality } from './week/cross-after-quality.js';
import { doublesTooSoon } from './week/doubles-too-soon.js';
import { fewerRunDays } from './week/fewer-run-days.js';
import { fixedDayOverruled } from './week/fixed-day-overruled.js';
import { hardDayAway } from './week/hard-day-away.js';
import { hardDaysAdjacent } from './week/hard-days-adjacent.js';
import { monotony } from './week/monotony.js';
import { qualityInEasyPhase } from './week/quality-in-easy-phase.js';
import { restBeforeHard } from './week/rest-before-hard.js';
import { runTooShort } from './week/run-too-short.js';
import { anyRunOverLongRun } from './week/any-run-over-long-run.js';
import { predictionOutOfRange } from './paces/prediction-out-of-range.js';
import { raceRepTooLong } from './sessions/race-rep-too-long.js';
import { sessionDropped } from './sessions/session-dropped.js';
import { wishNotKept } from './volume/wish-not-kept.js';
import { semiLongNearLong } from './week/semi-long-near-long.js';
import { sessionOutsideDays } from './week/session-outside-days.js';
import { strengthBeforeHard } from './week/strength-before-hard.js';
import { under18Doubles } from './week/under-18-doubles.js';
import type { Check } from './common/check.js';

/** Every check there is. Adding one is one file, one line here, its message and its fixes. */
export const checks = [
  injuredHardRunning,
  returnTooQuick,
  raceAfterIllness,
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
  weekUnderWish,
  semiLongNearLong,
  anyRunOverLongRun,
  raceRepTooLong,
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
  lightWeeksTogether,
  fewerRunDays,
  hardDayAway,
  ownPhasesScaled,
  restBeforeHard,
  strengthBeforeHard,
  crossAfterQuality,
  doublesTooSoon,
  tooLittleHard,
  sessionDropped,
  wishNotKept,
  taperNotQuick,
  runTooShort,
  unknownPace,
  fixedDayOverruled,
  pacesStale,
  predictionOutOfRange,
  testMissing,
  testTooLate,
  raceInThePast,
] as const satisfies readonly Check[];

export type CheckCode = (typeof checks)[number]['code'];
