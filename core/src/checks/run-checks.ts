import { type ShownBlock, showBlock } from '../present/show.js';
import type { Measure } from '../base/measure.js';
import type { Waiver } from '../spec/block-spec.js';
import { type CheckContext, type Finding, type Observation, levels } from './common/check.js';
import { checks } from './registry.js';
import { sentences } from '../present/messages.js';

/**
 * Runs every check that is not turned off: worst level first, then in the
 * order of the registry and the weeks. A check at level stop always runs.
 */
export function runChecks(context: CheckContext, shown: Measure): Finding[] {
  const { off } = context.rules;
  const { basis } = context.block.wishes.athlete;
  let figures: ShownBlock | undefined;
  const findings = checks.flatMap((check) => {
    const { code, level } = check;
    if (level !== 'stop' && off.includes(code)) return [];
    return check.run(context).map((observation): Finding => {
      // Most blocks are found sound: their figures are not worked out here.
      figures ??= showBlock(context.block, { ...shown, basis });
      const { title, message } = sentences[code](observation, { ...context, figures });
      const waived = waiverOf(code, observation, context.block.wishes.waivers);
      return { check: code, level, title, message, fixes: [], ...observation, ...waived };
    });
  });
  return findings.sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
}

function waiverOf(code: string, found: Observation, waivers: readonly Waiver[]) {
  const waiver = waivers.find(
    ({ check, week }) => check === code && (week === undefined || found.weeks.includes(week)),
  );
  if (!waiver) return {};
  return isWorse(found, waiver.value) ? { reopened: waiver.reason } : { waived: waiver.reason };
}

/** Half a per cent: what rounding may move is not worse. */
const NO_WORSE = 0.005;

/** Further beyond the limit than when it was waived. */
function isWorse({ value, limit }: Observation, waived: number | undefined): boolean {
  if (waived === undefined) return false;
  const beyond = Math.sign(value - limit);
  return beyond * (value - waived) > NO_WORSE * Math.max(Math.abs(waived), Math.abs(limit));
}
