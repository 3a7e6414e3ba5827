import { type Measure, canonicalJson } from '../src/base/index.js';
import { fixesOf, layOut } from '../src/index.js';
import { reasonsOf, whyDay, whyLongRun, whyVolume } from '../src/present/index.js';
import { showBlock } from '../src/present/figures/index.js';
import { rulesOf } from '../src/rules/index.js';
import type { BlockSpec } from '../src/spec/index.js';

/** A spec, and how it is looked at. */
export interface Laid {
  spec: BlockSpec;
  today?: string | undefined;
  unit: Measure['unit'];
  step: Measure['step'];
}

/**
 * A block as a table to read, a line a week, and as one text with all there is
 * to say of it: every figure, session, finding, reason and, where asked, fix.
 */
export function laidOf({ spec, today, unit, step }: Laid, withFixes: boolean) {
  const shown = { basis: spec.athlete?.basis ?? 'distance', unit, step };
  const block = layOut(spec, { asOf: today, shown });
  const { easyPace, phases, feasible, legs, weeks, findings } = block;
  const figures = showBlock(block, shown);
  const rules = rulesOf(block.spec);
  const whys = weeks.map((week) => ({
    volume: whyVolume(block, week, figures),
    longRun: whyLongRun(block, week),
    days: week.days.map((day) => whyDay(week, day, figures, rules)),
  }));
  const fixes = withFixes
    ? findings.map((each) => fixesOf(block, each, { asOf: today, shown }))
    : [];
  const whole = String(
    canonicalJson({
      // Which defaults they are is no part of what they lay out.
      spec: { ...block.spec, engine: undefined },
      easyPace,
      phases,
      feasible,
      legs,
      weeks,
      // As they were first kept: fixes of their own, where asked.
      findings: findings.map((finding) => ({ ...finding, fixes: [] })),
      figures,
      whys,
      reasons: reasonsOf(spec),
      fixes,
    }),
  );
  const table = weeks.map(({ number, kind, phase, volume, longRun, days }) =>
    [
      `week ${number} ${kind} ${phase} ${volume} ${longRun}`,
      ...days.map(
        ({ role, sessions }) => `${role}: ${sessions.map((one) => one.shorthand).join(' + ')}`,
      ),
    ].join(' | '),
  );
  return { table, whole };
}

/** The same text again, a line a value, for a tool that shows what differs. */
export function textOf(whole: string): string {
  return JSON.stringify(JSON.parse(whole), null, 1);
}
