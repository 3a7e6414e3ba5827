import { addDays } from '../base/index.js';
import type { Waiver } from '../spec/index.js';
import { type CheckContext, type Level, type Observation, levels } from './common/check.js';
import { type CheckCode, checks } from './registry.js';

/**
 * What a check found of one kind, and what the coach has said of it: codes and
 * data, no words. Its weeks and days are all it is found in, its value and limit
 * those of the worst.
 */
export interface Finding extends Omit<Observation, 'level'> {
  check: CheckCode;
  level: Level;
  /** Where it is found more than once: each by itself, in order. */
  each?: readonly Observation[];
  /** The coach's reason, when waived. */
  waived?: string;
  /** The coach's reason, where the measured value has become worse since. */
  reopened?: string;
  /** True where all its weeks are over: there is nothing left to do about it. */
  past?: true;
}

/**
 * Runs every check that is not turned off: what is to come before what is over,
 * the worst level first, then in the order of the registry. What one check finds
 * of one kind is one finding. A check at level stop always runs.
 */
export function runChecks(context: CheckContext): Finding[] {
  const { off } = context.rules;
  const { waivers } = context.block.spec;
  const findings = checks.flatMap((check) => {
    const { code, level } = check;
    const isOff = off.includes(code);
    if (isOff && level !== 'stop' && !('stops' in check)) return [];
    const found = check.run(context).flatMap((observation): Finding[] => {
      const each = { check: code, level, ...observation };
      if (isOff && each.level !== 'stop') return [];
      const past = isPast(observation, context) ? { past: true as const } : {};
      return [{ ...each, ...waiverOf(code, observation, waivers), ...past }];
    });
    return found.length > 1 ? ofOneKind(found) : found;
  });
  return findings.sort((one, other) => rankOf(one) - rankOf(other));
}

/** Findings of one check as one for each kind: what is as grave, about the same, as much waived, as much over. */
function ofOneKind(findings: readonly Finding[]): Finding[] {
  const kinds = new Map<string, Finding[]>();
  for (const found of findings) {
    const { level, about, waived, reopened, past } = found;
    const kind = JSON.stringify([level, about, waived, reopened, past]);
    kinds.set(kind, [...(kinds.get(kind) ?? []), found]);
  }
  return [...kinds.values()].map(asOne);
}

function asOne(found: readonly Finding[]): Finding {
  const worst = found.reduce((most, next) => (beyond(next) > beyond(most) ? next : most));
  if (found.length === 1) return worst;
  const weeks = [...new Set(found.flatMap((each) => each.weeks))].sort((a, b) => a - b);
  const dates = found.flatMap((each) => each.dates ?? []);
  const each = found.map(partOf);
  return { ...worst, weeks, ...(dates.length > 0 && { dates }), each };
}

function partOf({ weeks, dates, value, limit, about }: Finding): Observation {
  return { weeks, ...(dates && { dates }), value, limit, ...(about !== undefined && { about }) };
}

/** How far a value lies beyond its limit, as a part of the limit. */
function beyond({ value, limit }: Observation): number {
  return Math.abs(value - limit) / (Math.abs(limit) || 1);
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
