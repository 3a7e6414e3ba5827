import type { Flags } from '@nadir/contract';
import { sum } from '@nadir/core/base';
import { plural } from '@nadir/core/base/format';

/** What checks find together in the blocks in hand, in words; none until the blocks are looked at. */
export function flagWords(flags: Flags | undefined, checks: readonly string[]): string {
  if (!flags || checks.length === 0) return '';
  const found = flags.blocks
    .map(({ findings }) => sum(checks.map((check) => findings[check] ?? 0)))
    .filter((count) => count > 0);
  if (found.length === 0) return 'flags nothing now';
  return `flags ${sum(found)} now, in ${plural(found.length, 'block')}`;
}
