import type { Finding, Fix } from '../checks/common/check.js';
import { mend } from '../edit/fixes/fixes-of.js';
import { rulesOf } from '../rules/rule-changes.js';
import type { Block } from './block.js';
import { type LayOutOptions, layOut } from './lay-out.js';

/**
 * The fixes of one finding of a block, each tried out before it is offered.
 * Costs a lay-out a candidate: ask for one finding at a time.
 */
export function fixesOf(block: Block, finding: Finding, options: LayOutOptions = {}): Fix[] {
  const shown = options.shown ?? { ...block.wishes.athlete, step: 1 };
  const context = { block, rules: rulesOf(block.wishes), today: options.today, shown };
  return mend(finding, context, (given) => layOut(given, options));
}

/** A block with the fixes of every finding, for those who cannot ask one by one. */
export function withFixes(block: Block, options: LayOutOptions = {}): Block {
  const findings = block.findings.map((finding) => ({
    ...finding,
    fixes: fixesOf(block, finding, options),
  }));
  return { ...block, findings };
}
