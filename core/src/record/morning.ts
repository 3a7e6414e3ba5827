import type { CivilDate } from '../base/index.js';

/** What an athlete is ill with, as far as it decides about running. */
export const illnesses = ['above-neck', 'below-neck', 'fever'] as const;
export type Illness = (typeof illnesses)[number];

/** Where it hurts, and how much. */
export interface Soreness {
  where: string;
  /** 1–10. */
  level: number;
  /** True where it changes the stride: running stops then. */
  stride?: boolean | undefined;
}

/** How an athlete was on a morning: health words, kept apart from what was run. */
export interface MorningNote {
  date: CivilDate;
  /** 1–5, five the best. */
  sleep?: number | undefined;
  fresh?: number | undefined;
  appetite?: number | undefined;
  /** Beats a minute at rest. */
  pulse?: number | undefined;
  sore?: Soreness | undefined;
  ill?: Illness | undefined;
  note?: string | undefined;
}

/** True for a note that says nothing any more: it is taken back. */
export function isBlankMorning({ date: _, ...said }: MorningNote): boolean {
  return Object.values<unknown>(said).every((each) => each === undefined);
}
