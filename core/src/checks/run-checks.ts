import type { Measure } from '../units/measure.js';
import { type CheckContext, type Finding, levels } from './finding.js';
import { type CheckCode, checks } from './registry.js';
import { sentences } from './sentences.js';

/** Runs every check: worst level first, then in the order of the registry and the weeks. */
export function runChecks(context: CheckContext, shown: Measure): Finding[] {
  const findings = checks.flatMap((check) =>
    check.run(context).map((observation): Finding => {
      const { code, level } = check;
      const { title, message } = sentences[code](observation, { ...context, shown });
      const waived = waiverOf(code, observation.weeks, context);
      return { check: code, level, ...observation, title, message, fixes: [], ...waived };
    }),
  );
  return findings.sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
}

function waiverOf(code: CheckCode, weeks: readonly number[], { block }: CheckContext) {
  const waiver = block.wishes.waivers.find(
    ({ check, week }) => check === code && (week === undefined || weeks.includes(week)),
  );
  return waiver ? { waived: waiver.reason } : {};
}
