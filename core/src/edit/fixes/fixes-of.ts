import type { BlockSpec } from '../../spec/index.js';
import { layWeeks } from '../../layout/index.js';
import type { Block } from '../../layout/block/index.js';
import { validateSpec } from '../../layout/validate/index.js';
import { type Finding, runChecks } from '../../checks/index.js';
import { applyChange } from '../index.js';
import type { Fix, FixContext } from './fix.js';
import { fixesByCheck } from './registry.js';

/** Most fixes offered for one finding. */
const MOST_FIXES = 4;

/**
 * The changes that do remove a finding: each that is proposed for its check is
 * laid out, and kept only where the finding is gone and nothing to stop at or be
 * cautious of is new. What leaves the fewest findings comes first. Where it is
 * found in several weeks and no one change is enough, one that mends week after
 * week. Costs a lay-out a candidate: ask for one finding at a time.
 */
export function fixesOf(found: Finding, context: FixContext): Fix[] {
  // What is over is not mended.
  if (found.past) return [];
  const before = runChecks(context);
  const single = fixesThatWork(found, context, before);
  if (single.length > 0 || !found.each) return single;
  const all = weekAfterWeek(found, context);
  return all && works(all, found, context, before) !== undefined ? [all] : [];
}

function fixesThatWork(found: Finding, context: FixContext, before: readonly Finding[]): Fix[] {
  return (fixesByCheck[found.check]?.(found, context) ?? [])
    .flatMap((fix) => {
      const left = works(fix, found, context, before);
      return left === undefined ? [] : [{ fix, left }];
    })
    .sort((a, b) => a.left - b.left)
    .slice(0, MOST_FIXES)
    .map(({ fix }) => fix);
}

/** How many findings a fix leaves; undefined where it does not remove this one, or brings another. */
function works(
  { change }: Fix,
  found: Finding,
  context: FixContext,
  before: readonly Finding[],
): number | undefined {
  const changed = applyChange<BlockSpec>(context.block.spec, change);
  if (validateSpec(changed).length > 0) return undefined;
  const { block, rules } = layWeeks(changed, context.past);
  const after = runChecks({ ...context, block, rules });
  const removes = !stillFound(found, context.block, block, after) && !addsWorse(before, after);
  return removes ? after.length : undefined;
}

/** One change of all that mends each week by itself, in order; undefined where one of them has none. */
function weekAfterWeek({ each = [], ...found }: Finding, given: FixContext): Fix | undefined {
  let context = given;
  const fixes: Fix[] = [];
  for (const part of each) {
    const before = runChecks(context);
    const one: Finding = { ...found, ...part, level: found.level };
    if (!stillFound(one, given.block, context.block, before)) continue;
    const working = fixesThatWork(one, context, before);
    // One kind of change for all of them, where there is one.
    const fix = working.find((each) => kindOf(each) === kindOf(fixes[0])) ?? working[0];
    if (!fix) return undefined;
    fixes.push(fix);
    const spec = applyChange<BlockSpec>(context.block.spec, fix.change);
    context = { ...context, ...layWeeks(spec, context.past) };
  }
  const change = fixes.reduce((all, fix) => ({ ...all, ...fix.change }), {});
  return { label: labelOf(fixes), change };
}

/** Labels named one by one before the rest are counted. */
const MOST_NAMED = 3;

function labelOf(fixes: readonly Fix[]): string {
  if (fixes.length <= MOST_NAMED) return fixes.map(({ label }) => label).join('; ');
  const kinds = [...new Set(fixes.map(kindOf))];
  return kinds
    .map((kind) => {
      const [first = '', ...others] = fixes
        .filter((fix) => kindOf(fix) === kind)
        .map(({ label }) => label);
      return others.length > 0 ? `${first}; the other ${others.length} likewise` : first;
    })
    .join('; ');
}

/** The verb that a label begins with: `Reset`, `Free`, `Run`. */
function kindOf(fix: Fix | undefined): string | undefined {
  return fix?.label.split(' ')[0];
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
    ({ check, about, weeks }) =>
      check === found.check &&
      about === found.about &&
      toGo(after, weeks).some((week) => lost.includes(week)),
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
