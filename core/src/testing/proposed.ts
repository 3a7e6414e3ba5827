import type { CheckCode, Finding, Observation } from '../checks/index.js';
import type { Change } from '../edit/index.js';
import { fixesByCheck } from '../edit/fixes/registry.js';
import { layOut } from '../lay-out.js';
import { pastOf } from '../layout/index.js';
import { rulesOf } from '../rules/index.js';
import type { BlockSpec } from '../spec/index.js';
import { marathon } from './examples.js';

const none: Observation & Pick<Finding, 'each'> = { weeks: [], value: 0, limit: 0 };

/** What is proposed against a finding of the marathon block with something changed, tried or not: each change by its label. */
export function proposed(
  code: CheckCode,
  found: Partial<Observation & Pick<Finding, 'each'>>,
  given: Partial<BlockSpec> = {},
): Record<string, Change> {
  const block = layOut({ ...marathon, ...given });
  const context = {
    block,
    rules: rulesOf(block.spec),
    shown: { basis: 'distance', unit: 'km', step: 1 } as const,
    past: pastOf([], undefined),
  };
  const fixes = fixesByCheck[code]?.({ ...none, ...found }, context) ?? [];
  return Object.fromEntries(fixes.map(({ label, change }) => [label, change]));
}
