import { applyChange } from '../change.js';
import { examineGiven, examineWishes } from '../../layout/validate/validate.js';
import { settle } from '../../layout/resolve/resolve.js';
import type { Block } from '../../lay-out/block.js';
import type { Given } from '../../spec/block-spec.js';
import type { Check, Finding, Fix, FixContext } from '../../checks/common/check.js';
import { checks } from '../../checks/registry.js';

/** Most fixes offered for one finding. */
const MOST_FIXES = 4;

/**
 * The changes that do remove a finding: each that its check proposes is laid
 * out, and kept only where the finding is gone and nothing at level stop is
 * new. What leaves the fewest findings comes first.
 *
 * @param layOut lays wishes out as the finding's own block was
 */
export function mend(
  found: Finding,
  context: FixContext & { block: Block },
  layOut: (given: Given) => Block,
): Fix[] {
  const check: Check | undefined = checks.find(({ code }) => code === found.check);
  const { wishes } = context.block;
  return (check?.fixes?.(found, context) ?? [])
    .flatMap((fix) => {
      const changed = applyChange<Given>(wishes, fix.change);
      if (examineGiven(changed).length > 0) return [];
      if (examineWishes(settle(changed).wishes).length > 0) return [];
      const block = layOut(changed);
      return mends(found, context.block, block) ? [{ fix, left: block.findings.length }] : [];
    })
    .sort((a, b) => a.left - b.left)
    .slice(0, MOST_FIXES)
    .map(({ fix }) => fix);
}

/** Weeks are told by how many are to go: a longer block renumbers them. */
function mends(found: Finding, before: Block, after: Block): boolean {
  const toGo = (block: Block, weeks: readonly number[]) =>
    weeks.map((week) => block.weeks[week - 1]?.toGo);
  const lost = toGo(before, found.weeks);
  const stands = after.findings.some(
    ({ check, weeks }) =>
      check === found.check && toGo(after, weeks).some((week) => lost.includes(week)),
  );
  return !stands && stops(after).every((code) => stops(before).includes(code));
}

function stops({ findings }: Block): string[] {
  return findings.filter(({ level }) => level === 'stop').map(({ check }) => check);
}
