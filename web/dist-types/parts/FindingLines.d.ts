import type { Finding } from '@nadir/core';
/** Findings in short: mark, word and sentence. */
export declare function FindingLines({
  findings,
}: {
  findings: readonly Finding[];
}): import('react').JSX.Element;
