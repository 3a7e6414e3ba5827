import type { WeekKind } from '../block/week.js';
import {
  type CalendarWeek,
  calendarWeeks,
  type CivilDate,
  differenceInDays,
} from '../../base/index.js';
import { type HouseRules, raceRules } from '../../rules/index.js';
import { type ResolvedSpec, runningOfCycle } from '../../spec/index.js';
import { type EventDays, weeksOfEvents } from '../events/event-days.js';
import { type Phase } from '../block/block.js';
import { layPhases } from '../phases/lay-phases.js';
import { taperShares } from '../taper/taper-weeks.js';
import { usualDays, type UsualSpec } from '../wished/usual-days.js';
import { recoveryWeeks } from './recovery-weeks.js';

/** A week before any volume is laid into it. */
export interface FrameWeek extends CalendarWeek {
  kind: WeekKind;
  phase: Phase;
  /** Part of the heaviest week the taper leaves, 0–1. */
  taperShare: number;
  /** Part of a run of the heaviest week that each day's leaves, 0–1; none before the taper. */
  dayShares: readonly number[] | undefined;
  /** Part of usual running that events leave: 1 in a week like others. */
  running: number;
  /** Part of it that races and tests on the way leave. */
  eased: number;
  /** Part of the fullest week of the coach's cycle that it runs: a day off is not made up. */
  ofCycle: number;
  /** Metres of the races and tests on the way in it. */
  raced: number;
  /** True where one is ill or hurt on a day of it, or on the way back from it. */
  ill: boolean;
}

export interface Frame {
  phases: Phase[];
  weeks: FrameWeek[];
  /** Index of the first week of the taper. */
  taperStart: number;
}

/** What of a spec needs no volume. */
export type FrameSpec = Pick<ResolvedSpec, 'weeks' | 'phases' | 'taper'> &
  UsualSpec & { volume: Pick<ResolvedSpec['volume'], 'recovery'> };

/** Weeks, phases, taper, events and scheduled recovery weeks: all that needs no volume. */
export function frameWeeks(spec: FrameSpec, rules: HouseRules, days: EventDays): Frame {
  const calendar = calendarWeeks(spec.start, spec.weeks, spec.weekStartsOn);
  const shares = taperShares(
    calendar,
    spec.race.date,
    raceRules(rules, spec.race.distance),
    spec.taper,
  );
  const firstTapered = shares.findIndex(({ week }) => week < 1);
  const taperStart = firstTapered < 0 ? calendar.length - 1 : firstTapered;
  const recovering = recoveryWeeks(spec.volume.recovery, taperStart);
  const phases = layPhases(spec.phases, spec.weeks, spec.weeks - taperStart, recovering);
  const framed = calendar.map((week, index) => ({
    number: week.number,
    toGo: week.toGo,
    start: week.start,
    length: week.length,
    kind: kindOf(week, index >= taperStart, recovering),
    phase: phaseOf(week.number, phases),
  }));
  const byEvents = weeksOfEvents(framed, days, rules, usualDays(spec, rules, days));
  // Every field written out: a week is framed at every key stroke.
  const weeks = framed.map((week, index) => ({
    number: week.number,
    toGo: week.toGo,
    start: week.start,
    length: week.length,
    kind: week.kind,
    phase: week.phase,
    taperShare: shares[index]?.week ?? 1,
    dayShares: index < taperStart ? undefined : shares[index]?.days,
    running: byEvents[index]?.running ?? 1,
    eased: byEvents[index]?.eased ?? 1,
    ofCycle: runningOfCycle(spec, week.start),
    raced: byEvents[index]?.raced ?? 0,
    ill: byEvents[index]?.ill ?? false,
  }));
  return { phases, weeks, taperStart };
}

/** What the taper leaves of a run on a date of its week; all of it before the taper. */
export function shareOn(week: FrameWeek | undefined, date: CivilDate): number {
  return week?.dayShares?.[differenceInDays(date, week.start)] ?? 1;
}

function kindOf(week: CalendarWeek, tapers: boolean, recovering: Set<number>): WeekKind {
  if (week.toGo === 0) return 'race';
  if (tapers) return 'taper';
  return recovering.has(week.number) ? 'recovery' : 'building';
}

function phaseOf(number: number, phases: readonly Phase[]): Phase {
  const phase = phases.find(({ firstWeek, weeks }) => number < firstWeek + weeks);
  if (!phase) throw new RangeError(`phases: expected one for week ${number}, received none`);
  return phase;
}
