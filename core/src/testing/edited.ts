import type { Check, Observation } from '../checks/common/check.js';
import { layOut } from '../lay-out.js';
import type { Block, Day, Week } from '../layout/block/index.js';
import { type HouseRules, rulesOf } from '../rules/index.js';
import type { ResolvedSpec } from '../spec/index.js';
import { marathon } from './examples.js';

/** The example as it is laid out: what tests of a single check change a figure of. */
export const laid: Block = layOut(marathon);

/** A block with some of its weeks changed by hand, by number. */
export function withWeeks(block: Block, changes: Readonly<Record<number, Partial<Week>>>): Block {
  const weeks = block.weeks.map((week) => ({ ...week, ...changes[week.number] }));
  return { ...block, weeks };
}

/** A block with some of its days changed by hand, by date; their weeks are left as they are. */
export function withDays(block: Block, changes: Readonly<Record<string, Partial<Day>>>): Block {
  const weeks = block.weeks.map((week) => ({
    ...week,
    days: week.days.map((day) => ({ ...day, ...changes[day.date] })),
  }));
  return { ...block, weeks };
}

/** A block whose wishes say something else than what it was laid out from. */
export function withSpec(block: Block, part: Partial<ResolvedSpec>): Block {
  return { ...block, spec: { ...block.spec, ...part } };
}

export function withAthlete(block: Block, part: Partial<ResolvedSpec['athlete']>): Block {
  return withSpec(block, { athlete: { ...block.spec.athlete, ...part } });
}

/** What a check finds in a block as it stands, under its own rules or others. */
export function observed(
  check: Check,
  block: Block,
  { rules = rulesOf(block.spec), today }: { rules?: HouseRules; today?: string } = {},
): Observation[] {
  return check.run({ block, rules, today });
}

/** Numbers of the weeks that a check is about. */
export function weeksFound(check: Check, block: Block, on: { today?: string } = {}): number[] {
  return observed(check, block, on).flatMap(({ weeks }) => weeks);
}
