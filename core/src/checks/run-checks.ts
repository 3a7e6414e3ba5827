import { addDays } from '../base/index.js';
import type { Waiver } from '../spec/index.js';
import { type CheckContext, type Level, type Observation, levels } from './common/check.js';
import { type CheckCode, checks } from './registry.js';

/** What a check found, and what the coach has said of it: codes and data, no words. */
export interface Finding extends Omit<Observation, 'level'> {
  check: CheckCode;
  level: Level;
  /** The coach's reason, when waived. */
  waived?: string;
  /** The coach's reason, where the measured value has become worse since. */
  reopened?: string;
  /** True where all its weeks are over: there is nothing left to do about it. */
  past?: true;
}

/**
 * Runs every check that is not turned off: what is to come before what is over,
 * the worst level first, then in the order of the registry and the weeks. A check
 * at level stop always runs.
 */
export function runChecks(context: CheckContext): Finding[] {
  const { off } = context.rules;
  const { waivers } = context.block.spec;
  const findings = checks.flatMap((check) => {
    const { code, level } = check;
    const isOff = off.includes(code);
    if (isOff && level !== 'stop' && !('stops' in check)) return [];
    return check.run(context).flatMap((observation): Finding[] => {
      const found = { check: code, level, ...observation };
      if (isOff && found.level !== 'stop') return [];
      const past = isPast(observation, context) ? { past: true as const } : {};
      return [{ ...found, ...waiverOf(code, observation, waivers), ...past }];
    });
  });
  return findings.sort((one, other) => rankOf(one) - rankOf(other));
}

/** What is still to come before what is over, the worst level first. */
function rankOf({ level, past }: Finding): number {
  return levels.indexOf(level) + (past ? levels.length : 0);
}

function isPast({ weeks }: Observation, { block, today }: CheckContext): boolean {
  if (today === undefined || weeks.length === 0) return false;
  return weeks.every((number) => {
    const week = block.weeks[number - 1];
    return week !== undefined && addDays(week.start, week.length) <= today;
  });
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
