import { type BlockFile, givenOf } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { plural } from '@nadir/core/base/format';
import type { SomeRuleChanges } from '@nadir/core/rules';

/** What a check finds in all blocks at hand. */
export interface FlagCount {
  findings: number;
  blocks: number;
}

/** What is found by check in these blocks, laid out under these house rules: each week by itself, without what is waived or over. */
export function countFlags(
  blocks: readonly BlockFile[],
  houseRules: SomeRuleChanges | undefined,
  today: string,
): Map<string, FlagCount> {
  const counts = new Map<string, FlagCount>();
  for (const block of blocks) {
    const given = givenOf(block);
    const { findings } = layOut(houseRules ? { ...given, houseRules } : given, { asOf: today });
    const standing = findings.filter(({ waived, past }) => waived === undefined && !past);
    const codes = standing.flatMap(({ check, each }) => (each ?? [check]).map(() => check));
    for (const code of new Set(codes)) {
      const old = counts.get(code) ?? { findings: 0, blocks: 0 };
      const found = codes.filter((each) => each === code).length;
      counts.set(code, { findings: old.findings + found, blocks: old.blocks + 1 });
    }
  }
  return counts;
}

/** The counts of several checks together, in words. */
export function flagWords(
  counts: ReadonlyMap<string, FlagCount>,
  codes: readonly string[],
): string {
  if (codes.length === 0) return '';
  const found = codes.flatMap((code) => counts.get(code) ?? []);
  const findings = found.reduce((total, each) => total + each.findings, 0);
  if (findings === 0) return 'flags nothing now';
  const blocks = Math.max(...found.map((each) => each.blocks));
  return `flags ${findings} now, in ${plural(blocks, 'block')}`;
}
