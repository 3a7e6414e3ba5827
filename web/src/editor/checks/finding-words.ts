import { levels } from '@nadir/core/checks';
import type { ToldFinding } from '@nadir/core/present';
import { plural } from '../../components/dates.js';

/** How many findings stand, level by level: `1 stop · 2 cautions`; empty when none does. */
export function findingWords(findings: readonly ToldFinding[]): string {
  return levels
    .map(
      (level) =>
        [unwaived(findings).filter((found) => found.level === level).length, level] as const,
    )
    .filter(([count]) => count > 0)
    .map(([count, level]) => plural(count, level))
    .join(' · ');
}

/** What the coach has not waived, and is not over. */
export function unwaived(findings: readonly ToldFinding[]): ToldFinding[] {
  return findings.filter(({ waived, past }) => waived === undefined && !past);
}
