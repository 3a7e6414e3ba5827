import type { BlockSpec } from '../../spec/index.js';

/** What a spec holds by the numbers of weeks. */
type Numbered = Pick<BlockSpec, 'pins' | 'waivers' | 'rotations' | 'longRun' | 'week' | 'volume'>;

/** What holds in numbered weeks, in the weeks that they have become; undefined for a week that is no more. */
export function renumbered(
  { pins, waivers, rotations, longRun, week, volume }: Numbered,
  moved: (week: number) => number | undefined,
) {
  const numbered = <T extends { week?: number | undefined }>(each: T): T[] => {
    if (each.week === undefined) return [each];
    const week = moved(each.week);
    return week === undefined ? [] : [{ ...each, week }];
  };
  const all = (weeks: readonly number[] | undefined) => weeks?.flatMap((each) => moved(each) ?? []);
  return {
    pins: pins?.flatMap(numbered),
    waivers: waivers?.flatMap(numbered),
    rotations: rotations && inWeeks(rotations, moved),
    longRun: longRun && { ...longRun, segmentWeeks: all(longRun.segmentWeeks) },
    week: week && { ...week, fixed: week.fixed && inWeeks(week.fixed, moved) },
    volume: volume && {
      ...volume,
      peakWeek: volume.peakWeek === undefined ? undefined : moved(volume.peakWeek),
      recovery: volume.recovery && {
        ...volume.recovery,
        weeks: all(volume.recovery.weeks),
      },
    },
  };
}

/** What holds in numbered weeks, in the weeks that they have become; without what holds in none. */
function inWeeks<T extends { weeks?: number[] | undefined }>(
  all: readonly T[],
  moved: (week: number) => number | undefined,
): T[] {
  return all.flatMap((each) => {
    if (!each.weeks) return [each];
    const weeks = each.weeks.flatMap((week) => moved(week) ?? []);
    return weeks.length > 0 ? [{ ...each, weeks }] : [];
  });
}
