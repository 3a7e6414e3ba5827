import {
  type HouseRules,
  layoutStep,
  type RuleChanges,
  rulesOf,
  type SomeRuleChanges,
} from '../../rules/index.js';
import { perMetreOf } from '../../rules/limits/index.js';
import type { BlockSpec, ResolvedSpec } from '../../spec/index.js';
import { dayTimes, easyPaces } from '../../paces/index.js';
import { sessionPacesOn } from '../../sessions/index.js';
import { suggestUses } from '../../sessions/library/index.js';
import type { Context } from '../context/context.js';
import { eventDays } from '../events/event-days.js';
import { type Frame, frameWeeks } from '../frame/frame.js';
import { fixedDays } from '../written/fixed-days.js';
import { countRises } from '../volume/rises.js';
import { type Past, noPast } from '../past/past.js';
import { type Outline, outlineOf } from './outline.js';
import { suggestTests } from './suggest-tests.js';
import { suggestLongRun } from './suggest-long-run.js';
import { suggestVolume } from './suggest-volume.js';

/** A spec with nothing left out, what goes with it, and the frame that came of it. */
export interface Resolved {
  context: Context;
  frame: Frame;
}

/**
 * Works out every answer the coach has not given, from the athlete, the race
 * and the house rules. Pure: the same spec always resolves the same, and a
 * resolved spec resolves to itself.
 *
 * The frame is laid on the way, since a peak that was not given is what its
 * rises can reach; it needs no amount itself.
 *
 * @throws RangeError on a spec without a race date or a start
 */
export function resolve(given: BlockSpec, past: Past = noPast): Resolved {
  const rules = rulesOf(given);
  const outline = outlineWithTests(given, rules);
  const byDay = eventDays(outline.events, rules);
  const { days = [], pins = [], rotations } = given;
  const frame = frameWeeks({ ...outline, days, pins, rotations }, rules, byDay);
  const asked = given.volume?.peak;
  const first = pacesFor(outline, asked, rules);
  const volume = suggestVolume(
    { given, rules, outline, pace: first.easyOn(outline.start) },
    () => countRises(frame, outline.volume).count,
  );
  // How far a marathon is made careful depends on the heaviest week, known only now.
  const { times, easyOn, recoveryOn } =
    asked === undefined ? pacesFor(outline, volume.peak, rules) : first;
  const pace = easyOn(outline.start);
  const longRun = suggestLongRun({ given, rules, outline, pace }, volume);
  const spec = specOf(given, outline, { volume, longRun });
  const dates = frame.weeks.map((week) => ({ ...week, phase: week.phase.kind }));
  const fixed = fixedDays(spec, dates, byDay);
  const context: Context = {
    spec,
    rules,
    past,
    eventDays: byDay,
    fixedOn: (date) => fixed.get(date) ?? { date },
    easyOn,
    recoveryOn,
    sessionsOn: sessionPacesOn(spec, times),
    pace,
    perMetre: perMetreOf(spec.athlete.basis, pace),
    step: layoutStep(spec.athlete, rules),
  };
  return { context, frame };
}

/** The outline of a block; where no events are given, with the tests that it would be missing. */
function outlineWithTests(given: BlockSpec, rules: HouseRules): Outline {
  const outline = outlineOf(given, rules);
  if (given.events) return outline;
  const events = suggestTests(outline, frameWeeks(outline, rules, new Map()), rules);
  return { ...outline, events };
}

/** A spec with nothing left out, where nothing else of it is needed. */
export function resolveSpec(given: BlockSpec): ResolvedSpec {
  return resolve(given).context.spec;
}

/** Paces by date, for a heaviest week of `peak`. */
function pacesFor(outline: Outline, peak: number | undefined, rules: HouseRules) {
  const subject = { ...outline, volume: peak === undefined ? undefined : { peak } };
  const times = dayTimes(subject, rules);
  return {
    times,
    easyOn: easyPaces(subject, rules, times),
    recoveryOn: easyPaces(subject, rules, times, 'recovery'),
  };
}

function specOf(
  given: BlockSpec,
  outline: Outline,
  { volume, longRun }: Pick<ResolvedSpec, 'volume' | 'longRun'>,
): ResolvedSpec {
  return {
    ...outline,
    volume,
    longRun,
    pins: [...(given.pins ?? [])].sort((a, b) => a.week - b.week),
    days: [...(given.days ?? [])].sort((a, b) => a.date.localeCompare(b.date)),
    sessions: given.sessions ?? suggestUses(outline.race.distance, outline.engine),
    families: given.families,
    rotations: given.rotations,
    waivers: given.waivers ?? [],
    houseRules: changesOf(given.houseRules),
    overrides: changesOf(given.overrides),
    previousRace: previousRaceOf(given),
  };
}

function changesOf(changes: SomeRuleChanges | undefined): RuleChanges {
  return { values: changes?.values ?? {}, off: changes?.off ?? [] };
}

function previousRaceOf({ previousRace: race }: BlockSpec): ResolvedSpec['previousRace'] {
  if (race?.date === undefined || race.distance === undefined) return undefined;
  return { name: race.name ?? '', date: race.date, distance: race.distance };
}
