import { type Since, inForce, newestEngine } from './engine.js';
import { raceClass, type RaceClassName } from './race-class.js';
import type { CrossKind } from './cross-training.js';
import { type RaceRules, defaultRaceRules } from './race-rules.js';

/**
 * The coach's limits and defaults. Every figure is policy: a starting point
 * from practice that a coach may set otherwise. Distances in metres, times in
 * seconds, shares 0–1. Each figure has its entry in the rule book.
 */
export interface HouseRules {
  /** Step in which a block is laid out: whole kilometres or miles, and minutes. */
  layoutStep: { distance: number; time: number };
  races: Readonly<Record<RaceClassName, RaceRules>>;
  phases: {
    /** Weeks a phase before the taper needs to have an effect. */
    leastWeeks: number;
  };
  volume: {
    /** Most a building week may grow over the last building week. */
    growthCap: number;
    /** Weeks at the heaviest before a long stay is pointed out. */
    mostAtPeak: number;
    /** Weeks within this part of the heaviest stand at the peak. */
    atPeak: number;
  };
  recovery: {
    every: 3 | 4 | 5 | 6;
    depth: number;
    /** Less off than this is no recovery; a pinned week this far down counts as one. */
    leastDepth: number;
    /** Building weeks in a row before a missing recovery week is pointed out. */
    mostBuildingWeeks: number;
    /** Most the week after a recovery week may stand above it. */
    mostReturn: number;
  };
  longRun: {
    /** Part of the week the long run may take, before the allowances below. */
    share: number;
    /** Allowance in a week under `lightWeek` metres. */
    lightWeekExtra: number;
    lightWeek: number;
    /** Allowance for each run day short of five. */
    fewDaysExtra: number;
    /** No allowance goes past this. */
    mostShare: number;
    /** Time on feet, seconds. */
    mostTime: number;
    /** A long run may grow by this share or by this distance, whichever is larger. */
    growthShare: number;
    growthDistance: number;
    /** Long run two weeks and one week before a half marathon or marathon, as a part of the peak, at most. */
    taperShares: { twoWeeksOut: number; oneWeekOut: number };
    /** And one week before it, seconds. */
    lastTime: number;
    /** Weeks before race day nearer than which a peak long run may not fall. */
    leastWeeksOut: number;
    /** A long run within this part of the longest is one of the peak. */
    nearPeak: number;
  };
  taper: {
    /** Part of the usual run days that stays. */
    leastRunDays: number;
    /** Days before a marathon within which nothing hard or long belongs. */
    quietDays: number;
  };
  events: {
    /** Running on a day of each kind, as a part of a usual day. */
    camp: number;
    holiday: number;
    travel: number;
    away: number;
    illness: number;
    /** Running on the days before a race on the way. */
    beforeTuneUp: number;
    /** Taken off the long run in the week of a race on the way. */
    longRunCut: number;
    /** From this part of the longest long run on a race on the way is its week's long run. */
    raceAsLongRun: number;
    /** Running after an illness, for as many days as it lasted. */
    afterIllness: number;
  };
  week: {
    /** Shortest run worth putting shoes on for. */
    shortestRun: { distance: number; time: number };
    /** No run but the long one over this part of the long run. */
    mostOfLongRun: number;
    /** The day before the long run, the day after it and the next, against an easy day. */
    shortEasy: number;
    afterLong: number;
    secondAfterLong: number;
    /** A day in the middle between two long runs, against an easy day. */
    midweek: number;
    /** A quality day, against an easy day. */
    quality: number;
    /** A semi-long run and a recovery run, against an easy day. */
    semiLong: number;
    recoveryRun: number;
    /** The second run of a day, against its first. */
    second: number;
    /** Weeks from which on one mid-week run is semi-long, and days may be run twice. */
    semiLongFrom: { distance: number; time: number };
    doublesFrom: { distance: number; time: number };
    /** Seconds of an easy run from which on its day is rather run twice, in weeks large enough for it. */
    longestSingle: number;
    /** Easy days between two hard ones, at least. */
    easyBetween: number;
    /** Mean daily load against its spread over a week, at most. */
    mostMonotony: number;
    /** Seconds of work beside running, by its kind. */
    strengthTime: number;
    coreTime: number;
    mobilityTime: number;
  };
  sessions: {
    /** Warming up, and cooling down, at least and at most. */
    warmUp: { distance: number; time: number };
    mostWarmUp: { distance: number; time: number };
    /** Hard part of the first key session, and of any, against the week. */
    firstHard: number;
    mostHard: number;
    /** Of it the most that is run at 3 km pace or quicker, at 5 or 10 km pace, and at marathon pace. */
    mostQuick: number;
    mostInterval: number;
    mostSteady: number;
    /** Hard running of a week: at most, and in a speed phase at least. */
    mostOfWeek: number;
    leastWhenQuick: number;
    /** A change of family may raise the hard running of its day by this share. */
    mostJump: number;
  };
  /** What a minute of cross-training counts as in minutes of running. */
  cross: Readonly<Record<CrossKind, number>> & {
    /** Seconds of a day of it. */
    usual: number;
  };
  raceWeek: {
    /** Days before the race nearer than which no key session stands. */
    lastSession: number;
    /** Days before the race that are rested: 2, 1, or 0 for none. */
    restDaysOut: number;
    /** Seconds of easy running on the eve. */
    shakeOut: number;
  };
  paces: {
    /** Weeks after which a result is stale: it counts half, and paces on it are pointed out. */
    staleWeeks: number;
    /** Part by which a pace may quicken in a month of training: a rule of thumb. */
    improvement: number;
    /** Seconds per km that easy running is slower than marathon pace at least. */
    easyGap: number;
    /** Heaviest weeks, metres, that are little and enough running for a marathon. */
    littleRunning: number;
    enoughRunning: number;
    /** Exponent from half marathon to marathon for little running. */
    littleRunningExponent: number;
    /** Weeks of a block that go by without a test or race before one is missed. */
    weeksToTest: number;
    /** Days before the goal race nearer than which a test comes too late to act on. */
    testToGoal: number;
    /** Seconds per km from one race distance to the next. */
    ladder: {
      to1500: number;
      toMile: number;
      to3000: number;
      to5000: number;
      to10k: number;
      toHalf: number;
      toMarathon: number;
    };
  };
  diary: {
    /** Days missed in a row after which nothing changes, and after which the way back is by steps. */
    fewMissed: number;
    someMissed: number;
    /** Of the plan, the next week after more than a few; and the steps back after more than some. */
    afterSome: number;
    stepsBack: { first: number; second: number; third: number };
    /** Days that a niggle is spent in the pool, and after it without anything hard. */
    poolDays: number;
    quietDays: number;
    /** Parts of the plan outside which a week was lighter or heavier than planned. */
    light: number;
    heavy: number;
    /** Seconds per km that an easy run is quicker than the table before it is said. */
    easyMargin: number;
    /** Part that repetitions are quicker than set before it is said. */
    repsMargin: number;
    /** Soreness, 1–10, from which on it is said. */
    sore: number;
    /** Beats over the usual pulse that speak of little rest. */
    pulseOver: number;
    /** Part of the usual metres per heartbeat under which easy running speaks of little rest. */
    beatShare: number;
    /** Effort, 1–10, from which on an easy day was a hard one. */
    hardEffort: number;
  };
  care: {
    /** Heaviest week for an athlete under 18, metres. */
    under18Week: number;
    /** Hard days a week for an athlete under 18. */
    under18HardDays: number;
  };
  /** What a bent rule costs where pins and rules cannot all hold; more is dearer. */
  bending: {
    growth: number;
    recovery: number;
    peak: number;
    longRun: number;
    taper: number;
  };
  /** Codes of checks that are turned off; a check at level stop never is. */
  off: readonly string[];
}

const firstHouseRules: HouseRules = Object.freeze<HouseRules>({
  layoutStep: { distance: 1, time: 5 },
  races: defaultRaceRules,
  phases: { leastWeeks: 2 },
  volume: { growthCap: 0.1, mostAtPeak: 3, atPeak: 0.97 },
  recovery: { every: 4, depth: 0.25, leastDepth: 0.2, mostBuildingWeeks: 5, mostReturn: 0.7 },
  longRun: {
    share: 0.3,
    lightWeekExtra: 0.05,
    lightWeek: 45_000,
    fewDaysExtra: 0.05,
    mostShare: 0.5,
    mostTime: 3 * 3600,
    growthShare: 0.1,
    growthDistance: 3000,
    taperShares: { twoWeeksOut: 0.65, oneWeekOut: 0.4 },
    lastTime: 2 * 3600,
    leastWeeksOut: 2,
    nearPeak: 0.9,
  },
  taper: { leastRunDays: 0.8, quietDays: 10 },
  events: {
    camp: 1,
    holiday: 0.5,
    travel: 0.5,
    away: 0,
    illness: 0,
    beforeTuneUp: 0.7,
    longRunCut: 1 / 3,
    raceAsLongRun: 0.5,
    afterIllness: 0.75,
  },
  week: {
    shortestRun: { distance: 3000, time: 20 * 60 },
    mostOfLongRun: 0.85,
    shortEasy: 0.75,
    afterLong: 1,
    secondAfterLong: 1,
    midweek: 1,
    quality: 1.15,
    semiLong: 1.35,
    recoveryRun: 0.6,
    second: 0.5,
    semiLongFrom: { distance: 70_000, time: 6 * 3600 },
    doublesFrom: { distance: 95_000, time: 8 * 3600 },
    longestSingle: 4 * 3600,
    easyBetween: 1,
    mostMonotony: 2,
    strengthTime: 30 * 60,
    coreTime: 15 * 60,
    mobilityTime: 10 * 60,
  },
  sessions: {
    warmUp: { distance: 2000, time: 12 * 60 },
    mostWarmUp: { distance: 4000, time: 25 * 60 },
    firstHard: 0.06,
    mostHard: 0.12,
    mostQuick: 0.12,
    mostInterval: 0.12,
    mostSteady: 0.12,
    mostOfWeek: 1 / 3,
    leastWhenQuick: 0.1,
    mostJump: 0.3,
  },
  cross: { pool: 1, bike: 0.6, swim: 0.6, elliptical: 0.9, ski: 0.9, usual: 45 * 60 },
  raceWeek: { lastSession: 3, restDaysOut: 2, shakeOut: 25 * 60 },
  paces: {
    staleWeeks: 12,
    improvement: 0.01,
    easyGap: 40,
    littleRunning: 40_000,
    enoughRunning: 100_000,
    littleRunningExponent: 1.15,
    weeksToTest: 8,
    testToGoal: 10,
    ladder: {
      to1500: 8,
      toMile: 1,
      to3000: 8,
      to5000: 8,
      to10k: 10,
      toHalf: 12,
      toMarathon: 13,
    },
  },
  diary: {
    fewMissed: 3,
    someMissed: 7,
    afterSome: 0.75,
    stepsBack: { first: 0.5, second: 0.7, third: 0.85 },
    poolDays: 3,
    quietDays: 7,
    light: 0.9,
    heavy: 1.1,
    easyMargin: 5,
    repsMargin: 0.015,
    sore: 4,
    pulseOver: 7,
    beatShare: 0.95,
    hardEffort: 7,
  },
  care: { under18Week: 60_000, under18HardDays: 2 },
  bending: { growth: 3, recovery: 2, peak: 1, longRun: 2, taper: 1 },
  off: [],
});

/** With the second number a week has a shape, and a taper cuts every run. */
const secondHouseRules: HouseRules = Object.freeze<HouseRules>({
  ...firstHouseRules,
  longRun: { ...firstHouseRules.longRun, taperShares: { twoWeeksOut: 0.8, oneWeekOut: 0.6 } },
  week: {
    ...firstHouseRules.week,
    shortEasy: 0.7,
    afterLong: 0.55,
    secondAfterLong: 0.85,
    midweek: 1.1,
    quality: 1.1,
    semiLong: 1.25,
  },
  sessions: { ...firstHouseRules.sessions, warmUp: { distance: 2000, time: 10 * 60 } },
});

/**
 * With the third a session holds as much as its pace bears (policy): repetitions a
 * twentieth of the week, intervals a little less than a twelfth, stretches at
 * marathon pace more. An easy run over an hour and three quarters is split.
 */
const thirdHouseRules: HouseRules = Object.freeze<HouseRules>({
  ...secondHouseRules,
  week: { ...secondHouseRules.week, longestSingle: 105 * 60 },
  sessions: {
    ...secondHouseRules.sessions,
    mostQuick: 0.05,
    mostInterval: 0.08,
    mostSteady: 0.16,
  },
});

/** The house rules under each number of defaults. */
export const houseRulesSince: Since<HouseRules> = {
  1: firstHouseRules,
  2: secondHouseRules,
  3: thirdHouseRules,
};

/** The house rules of the newest defaults. */
export const defaultHouseRules: HouseRules = inForce(houseRulesSince, newestEngine);

/** What the rules say of a race of `distance` metres. */
export function raceRules({ races }: HouseRules, distance: number): RaceRules {
  return races[raceClass(distance).name];
}

/** Block lengths the product lays out, weeks. */
export const blockLength = { least: 4, most: 30 } as const;
