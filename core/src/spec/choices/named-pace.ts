/** Where a heart rate is counted from: shares of maximum or of reserve, or beats themselves. */
export const heartScales = ['maximum', 'reserve', 'beats'] as const;
export type HeartScale = (typeof heartScales)[number];

/** Shares 0–1 of the athlete’s own, or beats a minute. */
export interface HeartBand {
  of: HeartScale;
  from: number;
  to: number;
}

/** One of the coach’s paces: plain words, and where it comes from. */
export interface NamedPace {
  /** Never changes, so that what uses the pace follows when it is renamed. */
  id: string;
  name: string;
  /** Words that mean it in a session too; the usual ones where left out. */
  also?: string[] | undefined;
  /** The pace of a race over metres, or of a race that lasts seconds. */
  base: { race: number } | { lasts: number };
  /** Seconds per km against it, the quick end first; positive is slower. */
  offset: [quick: number, slow: number];
  heart?: HeartBand | undefined;
  /** How it feels, in words. */
  effort?: string | undefined;
  /** How much can be said while running it. */
  talk?: string | undefined;
}
