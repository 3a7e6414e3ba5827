/**
 * The coach's limits and defaults. Every figure is policy: a starting point
 * from practice that a coach may set otherwise. Distances in metres, times in
 * seconds, shares 0–1.
 */
export interface HouseRules {
  /** Step in which a block is laid out: whole kilometres or miles, and minutes. */
  layoutStep: { distance: number; time: number };
  volume: {
    /** Most a building week may grow over the last building week. */
    growthCap: number;
    /** Weeks at the heaviest before a long stay is pointed out. */
    mostAtPeak: number;
    /** Heaviest week for an athlete under 18, metres. */
    under18Week: number;
  };
  recovery: {
    every: 3 | 4 | 5 | 6;
    depth: number;
    /** A pinned week this far under the last building week counts as recovery. */
    leastDepth: number;
    /** Building weeks in a row before a missing recovery week is pointed out. */
    mostBuildingWeeks: number;
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
    /** Long run two weeks and one week before the race, as a part of the peak. */
    taperShares: { twoWeeksOut: number; oneWeekOut: number };
    /** Weeks before race day nearer than which a peak long run may not fall. */
    leastWeeksOut: number;
  };
  week: {
    /** Shortest run worth putting shoes on for. */
    shortestRun: { distance: number; time: number };
    /** No run but the long one over this part of the long run. */
    mostOfLongRun: number;
    /** The day before the long run, against an easy day. */
    shortEasy: number;
    /** A quality day, against an easy day. */
    quality: number;
  };
}

export const defaultHouseRules: HouseRules = Object.freeze<HouseRules>({
  layoutStep: { distance: 1, time: 5 },
  volume: { growthCap: 0.1, mostAtPeak: 3, under18Week: 60_000 },
  recovery: { every: 4, depth: 0.25, leastDepth: 0.2, mostBuildingWeeks: 5 },
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
    leastWeeksOut: 2,
  },
  week: {
    shortestRun: { distance: 3000, time: 20 * 60 },
    mostOfLongRun: 0.85,
    shortEasy: 0.75,
    quality: 1.15,
  },
});

/** Block lengths the product lays out, weeks. */
export const blockLength = { least: 4, most: 30 } as const;
