import type { CheckedBlock } from '@nadir/core';
import { levels } from '@nadir/core/checks';
import { plural } from '@nadir/core/base/format';
import type { ToldFinding } from '@nadir/core/present';

/** How many findings stand, level by level: `1 stop, 2 cautions`; empty when none does. */
export function findingWords(findings: readonly ToldFinding[]): string {
  return levels
    .map(
      (level) =>
        [unwaived(findings).filter((found) => found.level === level).length, level] as const,
    )
    .filter(([count]) => count > 0)
    .map(([count, level]) => plural(count, level))
    .join(', ');
}

/** The block in a word: `Sound, with 2 notes`; `1 caution, 2 notes`; `Don’t run this yet: 1 stop`. */
export function verdictWords(findings: readonly ToldFinding[]): string {
  const standing = unwaived(findings);
  const words = findingWords(findings);
  if (standing.length === 0) return 'Sound. No problems found.';
  if (standing.some(({ level }) => level === 'stop')) return `Don’t run this yet: ${words}`;
  if (standing.some(({ level }) => level === 'caution')) return `To be weighed: ${words}`;
  return `Sound, with ${words}`;
}

/** What the coach has not waived, and is not over. */
export function unwaived(findings: readonly ToldFinding[]): ToldFinding[] {
  return findings.filter(({ waived, past }) => waived === undefined && !past);
}

/** The weeks that are not yet over; undefined once the block is. */
export function weeksToCome(
  { weeks, spec }: CheckedBlock,
  today: string,
): { from: number; to: number } | undefined {
  if (today > spec.race.date) return undefined;
  const from = weeks.findLast(({ start }) => start <= today)?.number ?? 1;
  return { from, to: weeks.length };
}
