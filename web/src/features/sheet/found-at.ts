import type { CheckedBlock } from '@nadir/core';
import type { CheckCode } from '@nadir/core/checks';
import type { SheetCell } from '@nadir/core/edit/sheet';
import type { ToldFinding } from '@nadir/core/present';

/** Checks on what a week comes to. */
const OF_VOLUME: ReadonlySet<CheckCode> = new Set([
  'growth-over-cap',
  'jump-after-recovery',
  'light-weeks-together',
  'peak-far-from-race',
  'peak-near-race',
  'recovery-too-shallow',
  'start-above-held',
  'taper-too-deep',
  'taper-too-shallow',
  'too-long-at-peak',
  'under-18-week',
  'week-over-wish',
  'week-under-wish',
]);

/** Checks on its long run. */
const OF_LONG_RUN: ReadonlySet<CheckCode> = new Set([
  'long-run-grown-too-fast',
  'long-run-held-down',
  'long-run-near-race',
  'long-run-over-race',
  'long-run-over-share',
  'long-run-over-time',
]);

/** What was found that is still to be done something about, worst first. */
export function standing({ findings }: CheckedBlock): ToldFinding[] {
  return findings.filter(({ waived, past }) => waived === undefined && !past);
}

/** The worst of what was found that stands at a cell: at its own day, at its week's volume or long run. */
export function foundAt(found: readonly ToldFinding[], cell: SheetCell): ToldFinding | undefined {
  return found.find(({ check, weeks, dates }) => {
    if (cell.kind === 'day') return dates?.includes(cell.date);
    const about = cell.kind === 'volume' ? OF_VOLUME : OF_LONG_RUN;
    return about.has(check) && weeks.includes(cell.week);
  });
}

/** The first week to come of each thing that was found, worst first: where its fix stands. */
export function fixedAt(
  found: readonly ToldFinding[],
  isOver: (week: number) => boolean,
): ReadonlyMap<number, ToldFinding> {
  const at = new Map<number, ToldFinding>();
  for (const each of found) {
    const week = each.weeks.find((number) => !isOver(number));
    if (week !== undefined && !at.has(week)) at.set(week, each);
  }
  return at;
}
