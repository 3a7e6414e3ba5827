import { runChecks } from '../checks/run-checks.js';
import { layLongRuns } from '../longrun/lay-long-runs.js';
import { layLegs, dayLoad } from '../load/legs.js';
import { easyPaces } from '../paces/easy-pace.js';
import { eventDays, eventsIn } from '../events/event-days.js';
import { perMetre } from '../longrun/limits.js';
import { laySegments } from '../longrun/lay-segments.js';
import type { HouseRules } from '../rules/house-rules.js';
import { layoutStep } from '../rules/layout-step.js';
import { rulesOf } from '../rules/rule-changes.js';
import { sum } from '../units/apportion.js';
import type { Measure } from '../units/measure.js';
import { feasibility } from '../volume/feasibility.js';
import { fullWeek } from '../volume/climb.js';
import { layVolume } from '../volume/lay-volume.js';
import { type Day, dealWeek } from '../week/deal.js';
import { type DayRole, fitWeek } from '../week/roles.js';
import { settle } from '../settle/settle.js';
import type { Given, Wishes } from '../wishes/wishes.js';
import type { Block } from './block.js';
import type { LaidBlock, Week } from '../laid/laid-block.js';
import { layFrame } from '../frame/frame.js';

export interface LayOutOptions {
  /** Today, for what depends on it; left out, the block is laid out of time. */
  today?: string | undefined;
  /** How sentences show amounts; the athlete's own measure when left out. */
  shown?: Measure;
}

/**
 * Lays out a block from the coach's wishes: the one entry point of the
 * computation. Pure and deterministic; total on wishes that `examineDates` and
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
  return { ...laid, findings: runChecks({ block: laid, rules, today: options.today }, shown) };
}

function layWeeks(wishes: Wishes, rules: HouseRules): LaidBlock {
  const paceOn = easyPaces(wishes, rules);
  const pace = paceOn(wishes.start);
  const byDay = eventDays(wishes.events, rules);
  const frame = layFrame(wishes, rules, byDay);
  const feasible = feasibility(wishes, rules, frame, byDay);
  const volumes = layVolume(wishes, rules, frame, perMetre(wishes, pace));
  const pattern = fitWeek(wishes);
  const { longRunOn, runOn } = pattern;
  const runs = { longRunOn, runDays: runOn.length, pace, paceOn, eventDays: byDay };
  const longRuns = layLongRuns(wishes, rules, frame, volumes, runs);
  const step = layoutStep(wishes.athlete, rules);
  const segments = laySegments(wishes.longRun.segment, frame.weeks, longRuns, step);

  const weeks = frame.weeks.map((frameWeek, index): Week => {
    const { volume, rule: volumeRule, recovery } = volumes[index] ?? NOTHING_LAID;
    const { longRun, rule: longRunRule, date } = longRuns[index] ?? NO_LONG_RUN;
    const segment = segments[index];
    const amounts = { volume, longRun, longRunOn: date, segment, pace, paceOn };
    const days = dealWeek(wishes, rules, pattern, { ...frameWeek, recovery }, amounts, byDay);
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
      longRunRule,
      segment,
      taperShare: frameWeek.taperShare,
      running: frameWeek.running,
      events: eventsIn(frameWeek, wishes.events),
      distance: sum(days.map((day) => day.distance)),
      time: sum(days.map((day) => day.time)),
      hardDays: days.filter(({ role }) => HARD.has(role)).length,
      runDays: days.filter(({ role }) => role !== 'rest' && role !== 'race').length,
      days,
    };
  });
  const legs = layLegs(daysToRace(weeks), startingLoad(weeks));
  return { wishes, easyPace: pace, phases: frame.phases, weeks, feasible, legs };
}

const HARD: ReadonlySet<DayRole> = new Set(['quality', 'tune-up', 'test']);
const NO_LONG_RUN = { longRun: 0, rule: 'race', date: undefined } as const;
const NOTHING_LAID = { volume: 0, rule: 'race', recovery: false } as const;

function daysToRace(weeks: readonly Week[]): Day[] {
  const days = weeks.flatMap((week) => week.days);
  return days.slice(0, days.findIndex(({ role }) => role === 'race') + 1);
}

/** Mean daily load of the first week, taken as what the athlete comes from. */
function startingLoad([first]: readonly Week[]): number {
  return first ? fullWeek(sum(first.days.map(dayLoad)), first.length) / 7 : 0;
}
