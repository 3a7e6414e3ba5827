import { runChecks } from '../checks/run-checks.js';
import { layLongRuns } from '../layout/longrun/lay-long-runs.js';
import { layLegs, dayLoad } from '../layout/load/legs.js';
import { easyPaces } from '../paces/easy-pace.js';
import { eventDays, eventsIn } from '../layout/events/event-days.js';
import { perMetre } from '../layout/longrun/limits.js';
import { laySegments } from '../layout/longrun/lay-segments.js';
import type { HouseRules } from '../rules/house-rules.js';
import { layoutStep } from '../rules/layout-step.js';
import { rulesOf } from '../rules/rule-changes.js';
import { sum } from '../base/apportion.js';
import type { Measure } from '../base/measure.js';
import { feasibility } from '../layout/volume/feasibility.js';
import { fullWeek } from '../layout/volume/climb.js';
import { layVolume } from '../layout/volume/lay-volume.js';
import { fillSessions } from '../layout/sessions/fill-sessions.js';
import { dayTimes } from '../paces/day-times.js';
import { sessionPacesOn } from '../sessions/shorthand/session-paces.js';
import { coachWeek } from '../layout/week/coach-week.js';
import { type Day, isHardRunning } from '../layout/week/day.js';
import { dealWeek } from '../layout/week/deal.js';
import { layDays } from '../layout/week/lay-days.js';
import { isRun } from '../spec/pattern-day.js';
import { planWeek } from '../layout/week/plan-week.js';
import { steadyMidweek } from '../layout/week/steady-midweek.js';
import { sessionLengths } from '../layout/sessions/session-lengths.js';
import { settle } from '../layout/resolve/resolve.js';
import type { Given, Wishes } from '../spec/block-spec.js';
import type { Block } from './block.js';
import { LaidOut } from './laid-out.js';
import type { LaidBlock, Week } from '../layout/block/block.js';
import { layFrame } from '../layout/frame/frame.js';

export interface LayOutOptions {
  /** Today, for what depends on it; left out, the block is laid out of time. */
  today?: string | undefined;
  /** How sentences show amounts; the athlete's own measure when left out. */
  shown?: Measure;
}

/**
 * Lays out a block from the coach's wishes: the one entry point of the
 * computation. Pure and deterministic; total on wishes that `examineGiven` and
 * `examineWishes` find no problem with. What cannot be met comes back as
 * findings.
 *
 * @param given wishes, metres and seconds; whatever is left out is worked out
 * @throws RangeError on wishes without a race date or a start
 */
export function layOut(given: Given, options: LayOutOptions = {}): Block {
  const rules = rulesOf(given);
  const { wishes } = settle(given);
  const laid = layWeeks(wishes, rules);
  const shown = options.shown ?? { ...wishes.athlete, step: 1 };
  return new LaidOut(laid, () => runChecks({ block: laid, rules, today: options.today }, shown));
}

function layWeeks(wishes: Wishes, rules: HouseRules): LaidBlock {
  const times = dayTimes(wishes, rules);
  const easyOn = easyPaces(wishes, rules, times);
  const sessionsOn = sessionPacesOn(wishes, times);
  const pace = easyOn(wishes.start);
  const each = perMetre(wishes, pace);
  const byDay = eventDays(wishes.events, rules);
  const frame = layFrame(wishes, rules, byDay);
  const feasible = feasibility(wishes, rules, frame, byDay);
  const risen = layVolume(wishes, rules, frame, each);
  const wished = frame.weeks.map(coachWeek(wishes));
  const longRuns = layLongRuns(wishes, rules, frame, risen, {
    longRunOn: wished.map((days) => days.find(({ role }) => role === 'long')?.date),
    runDays: Math.max(...wished.map((days) => days.filter(({ role }) => isRun(role)).length)),
    pace,
    paceOn: easyOn,
    eventDays: byDay,
  });
  const { midweek } = wishes.week;
  const volumes =
    midweek === undefined ? risen : steadyMidweek(midweek, frame.weeks, risen, longRuns, wished);
  const step = layoutStep(wishes.athlete, rules);
  // Hard running stops for an injured athlete, in the long run too.
  const school = wishes.athlete.injured ? 'easy' : wishes.longRun.segment;
  const segments = laySegments(school, frame.weeks, longRuns, step);
  const amounts = frame.weeks.map((_, index) => ({
    longRun: longRuns[index]?.longRun ?? 0,
    longRunOn: longRuns[index]?.date,
    ...(volumes[index] ?? NOTHING_LAID),
  }));
  const plans = frame.weeks.map((week, index) => {
    const laid = amounts[index] ?? NO_AMOUNTS;
    const planned = { recovery: laid.recovery, ...week };
    return planWeek(wishes, rules, planned, wished[index] ?? [], laid, byDay, each);
  });
  const toFill = frame.weeks.map((week, index) => ({
    phase: week.phase.kind,
    raceWeek: week.kind === 'race',
    distance: (amounts[index]?.volume ?? 0) / each,
    inLongRun: (segments[index]?.amount ?? 0) / each,
    days: plans[index] ?? [],
  }));
  const keys = fillSessions(wishes, rules, toFill, sessionsOn);
  const lengths = sessionLengths(wishes, sessionsOn);

  const weeks = frame.weeks.map((frameWeek, index): Week => {
    const laid = amounts[index] ?? NO_AMOUNTS;
    const { volume, rule: volumeRule, recovery, longRun } = laid;
    const segment = segments[index];
    const plan = plans[index] ?? [];
    const dealt = dealWeek(wishes, rules, plan, laid, byDay, keys, lengths, each);
    const days = layDays(wishes, rules, dealt, segment, byDay, { easyOn, sessionsOn });
    const { number, toGo, start, length, kind, phase } = frameWeek;
    return {
      number,
      toGo,
      start,
      length,
      kind: recovery ? 'recovery' : kind === 'recovery' ? 'building' : kind,
      phase: phase.kind,
      recovery,
      recoveryDue: kind === 'recovery',
      volume,
      volumeRule,
      longRun,
      longRunRule: longRuns[index]?.rule ?? 'race',
      segment,
      taperShare: frameWeek.taperShare,
      running: frameWeek.running,
      events: eventsIn(frameWeek, wishes.events),
      hardDays: days.filter(isHardRunning).length,
      runDays: days.filter(({ role, distance: run }) => role !== 'race' && run > 0).length,
      days,
      ...totalsOf(days),
    };
  });
  const legs = layLegs(daysToRace(weeks), startingLoad(weeks));
  return { wishes, easyPace: pace, phases: frame.phases, weeks, feasible, legs };
}

/** What the days of a week come to. */
function totalsOf(days: readonly Day[]) {
  const total = {
    distance: 0,
    time: 0,
    equivalentDistance: 0,
    equivalentTime: 0,
    hardDistance: 0,
    hardTime: 0,
  };
  for (const { distance, time, cross, sessions } of days) {
    total.distance += distance;
    total.time += time;
    total.equivalentDistance += distance + cross.equivalentDistance;
    total.equivalentTime += time + cross.equivalentTime;
    for (const { hardDistance, hardTime } of sessions) {
      total.hardDistance += hardDistance;
      total.hardTime += hardTime;
    }
  }
  return total;
}

const NOTHING_LAID = { volume: 0, rule: 'race', recovery: false } as const;
const NO_AMOUNTS = { ...NOTHING_LAID, longRun: 0, longRunOn: undefined };

function daysToRace(weeks: readonly Week[]): Day[] {
  const days = weeks.flatMap((week) => week.days);
  return days.slice(0, days.findIndex(({ role }) => role === 'race') + 1);
}

/** Mean daily load of the first week, taken as what the athlete comes from. */
function startingLoad([first]: readonly Week[]): number {
  return first ? fullWeek(sum(first.days.map(dayLoad)), first.length) / 7 : 0;
}
