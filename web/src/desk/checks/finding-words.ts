import { type Finding, levels } from '@nadir/core';
import { plural } from '../../parts/dates.js';

/** How many findings stand, level by level: `1 stop · 2 cautions`; empty when none does. */
export function findingWords(findings: readonly Finding[]): string {
  return levels
    .map(
      (level) =>
        [unwaived(findings).filter((found) => found.level === level).length, level] as const,
    )
    .filter(([count]) => count > 0)
    .map(([count, level]) => plural(count, level))
    .join(' · ');
}

/** What the coach has not waived. */
export function unwaived(findings: readonly Finding[]): Finding[] {
  return findings.filter(({ waived }) => waived === undefined);
}
