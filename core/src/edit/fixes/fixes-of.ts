import type { BlockSpec } from '../../spec/index.js';
import { type Block, layWeeks, validateSpec } from '../../layout/index.js';
import { type Finding, runChecks } from '../../checks/index.js';
import { applyChange } from '../index.js';
import type { Fix, FixContext } from './fix.js';
import { fixesByCheck } from './registry.js';

/** Most fixes offered for one finding. */
const MOST_FIXES = 4;

/**
 * The changes that do remove a finding: each that is proposed for its check is
 * laid out, and kept only where the finding is gone and nothing to stop at or be
 * cautious of is new. What leaves the fewest findings comes first. Costs a lay-out a candidate:
 * ask for one finding at a time.
 */
export function fixesOf(found: Finding, context: FixContext): Fix[] {
  // What is over is not mended.
  if (found.past) return [];
  const before = runChecks(context);
  return (fixesByCheck[found.check]?.(found, context) ?? [])
    .flatMap((fix) => {
      const changed = applyChange<BlockSpec>(context.block.spec, fix.change);
      if (validateSpec(changed).length > 0) return [];
      const { block, rules } = layWeeks(changed, context.past);
      const after = runChecks({ block, rules, today: context.today });
      const removes = !stillFound(found, context.block, block, after) && !addsWorse(before, after);
      return removes ? [{ fix, left: after.length }] : [];
    })
    .sort((a, b) => a.left - b.left)
    .slice(0, MOST_FIXES)
    .map(({ fix }) => fix);
}

/** Weeks are told by how many are to go: a longer block renumbers them. */
function stillFound(
  found: Finding,
  before: Block,
  after: Block,
  findings: readonly Finding[],
): boolean {
  const toGo = (block: Block, weeks: readonly number[]) =>
    weeks.map((week) => block.weeks[week - 1]?.toGo);
  const lost = toGo(before, found.weeks);
  return findings.some(
    ({ check, weeks }) =>
      check === found.check && toGo(after, weeks).some((week) => lost.includes(week)),
  );
}

/** True where a stop or a caution is found that was not there before. */
function addsWorse(before: readonly Finding[], after: readonly Finding[]): boolean {
  const known = grave(before);
  return grave(after).some((each) => !known.includes(each));
}

function grave(findings: readonly Finding[]): string[] {
  return findings.flatMap(({ level, check }) => (level === 'note' ? [] : [`${level} ${check}`]));
}
