import type { ResolvedSpec } from '../../spec/index.js';

/** What of a week says where a climb begins. */
interface ClimbingWeek {
  number: number;
  /** Part of the heaviest week the taper leaves: 1 before it. */
  taperShare: number;
}

/** True for a week that the climb begins anew from. In a taper nothing climbs, and none from nothing. */
export function restarts(
  { pins }: Pick<ResolvedSpec, 'pins'>,
  { number, taperShare }: ClimbingWeek,
): boolean {
  if (taperShare < 1) return false;
  return pins.some(({ week, volume, restart }) => week === number && restart && volume !== 0);
}

/** The long run that the ladder goes on from in a week that the climb begins anew from: as it was meant, not as an illness cut it. */
export function restartLongRun(
  { pins }: Pick<ResolvedSpec, 'pins'>,
  { number, longRun }: { number: number; longRun: number },
): number {
  return pins.find(({ week }) => week === number)?.longRun ?? longRun;
}

/** Index of the week that the climb toward the taper began in, or last began anew. */
export function climbBegins(
  spec: Pick<ResolvedSpec, 'pins'>,
  weeks: readonly ClimbingWeek[],
): number {
  return Math.max(
    0,
    weeks.findLastIndex((week) => restarts(spec, week)),
  );
}
