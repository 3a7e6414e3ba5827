import type { VolumeRule } from '../block/week.js';
import { type Past, weekOfPast } from '../past/past.js';
import { growthSchools, mostOfARise } from '../schools/index.js';
import { type CivilDate, clean, floorTo, roundTo } from '../../base/index.js';
import { growthLimit, recoveryLimit } from '../../rules/limits/index.js';
import { runningOfCycle } from '../../spec/index.js';
import type { Context } from '../context/context.js';
import type { Frame, FrameWeek } from '../frame/frame.js';
import { restarts } from '../written/restarts.js';
import type { Rises } from './rises.js';

export interface LaidVolume {
  volume: number;
  rule: VolumeRule;
  /** The week counts as a recovery week, scheduled or pinned low. */
  recovery: boolean;
}

/** True where easy running is at recovery pace: in a week that rests, not in one that days away cut. */
export function isAtRecovery(laid: LaidVolume | undefined): boolean {
  return laid?.recovery === true && laid.rule !== 'event';
}

/** How far a climb has come. Amounts in m or s. */
interface Ascent {
  context: Context;
  frame: Frame;
  rises: Rises;
  /** Canonical amount to which weeks that are not pinned are rounded. */
  step: number;
  laid: LaidVolume[];
  /** The start, and the building weeks since: each over seven days and every run day of its cycle. */
  built: number[];
  /** The last of them, and the heaviest of all. */
  last: number;
  top: number;
  /** What the climb began at, or last began anew, and the rises before it. */
  start: number;
  risen: number;
}

/**
 * Volumes of the weeks before the taper, laid forward week by week: each
 * building week rises from the last building week as the school has it, never
 * past the peak; pins are kept exactly and climbed from. A week that an event
 * cuts is its part of the last building week, is nobody's base, and nothing of
 * it is made up later.
 *
 * @param in step: canonical amount to which unpinned weeks are rounded; rises: those of the frame
 */
export function climb(
  context: Context,
  frame: Frame,
  { step, rises }: Pick<Ascent, 'step' | 'rises'>,
): LaidVolume[] {
  const { start } = context.spec.volume;
  const from = { laid: [], built: [start], last: start, top: start, start, risen: 0 };
  const ascent: Ascent = { context, frame, rises, step, ...from };
  for (const week of frame.weeks.slice(0, frame.taperStart)) take(ascent, week);
  return ascent.laid;
}

function take(ascent: Ascent, week: FrameWeek): void {
  const past = asItWas(ascent.context.past, week);
  const next = past ?? atLeast(ascent, week, ofCycle(ascent, week, nextWeek(ascent, week)));
  const { volume } = next;
  ascent.laid.push(next);
  // A short first week stands for the start it was taken from.
  const stands = next.rule !== 'short-first-week' && next.rule !== 'event';
  // A week without running is nothing to grow from: what stood before it is.
  if (!next.recovery && stands && volume > 0) {
    ascent.last = fullWeek(volume, week.length) / week.ofCycle;
    if (restarts(ascent.context.spec, week)) beginAnew(ascent, ascent.laid.length - 1);
    ascent.built.push(ascent.last);
  }
  ascent.top = Math.max(ascent.top, ascent.last);
}

/** The climb goes on from the week at hand as from a first one. */
function beginAnew(ascent: Ascent, index: number): void {
  ascent.built = [];
  ascent.start = ascent.last;
  ascent.risen = ascent.rises.before(index + 1);
}

/** A week of fewer run days than its cycle's fullest holds as much a run day, and no more: the mean grows. */
function ofCycle({ step }: Ascent, week: FrameWeek, laid: LaidVolume): LaidVolume {
  if (week.ofCycle === 1 || laid.rule === 'pin') return laid;
  return { ...laid, volume: roundTo(laid.volume * week.ofCycle, step) };
}

/** A week that is over stays as it was handed out, and the climb goes on from it. */
export function asItWas(past: Past, week: FrameWeek): LaidVolume | undefined {
  const then = weekOfPast(past, week)?.at(-1)?.week;
  if (!then || isUnseen(then.volumeRule)) return undefined;
  // What an event cuts is nobody's base, and its runs may have come to less: it is what it was meant to be.
  if (then.volumeRule === 'event' && week.running !== 1) return undefined;
  return { volume: then.volume, rule: then.volumeRule, recovery: then.recovery };
}

/** Where only the long run grows, or runs hold a week down, the climb above goes on unseen. */
function isUnseen(rule: VolumeRule): boolean {
  return rule === 'steady' || rule === 'bounded';
}

function atLeast(ascent: Ascent, week: FrameWeek, laid: LaidVolume): LaidVolume {
  return laid.rule === 'pin'
    ? laid
    : { ...laid, volume: Math.max(laid.volume, leastOf(ascent, week)) };
}

/** A week holds at least the long run pinned in it, and the races in it. */
function leastOf({ context: { spec, perMetre } }: Ascent, week: FrameWeek): number {
  const pinned = spec.pins.findLast((pin) => pin.week === week.number)?.longRun ?? 0;
  return pinned + week.raced * perMetre;
}

function nextWeek(ascent: Ascent, week: FrameWeek): LaidVolume {
  const { context, last, laid } = ascent;
  const index = laid.length;
  const pin = pinOf(ascent, week.number);
  const isAnew = restarts(context.spec, week);
  if (pin !== undefined && isAnew && week.ill) {
    // What an illness takes of the week, it does not take of what is climbed from.
    ascent.last = pin;
    beginAnew(ascent, index);
    ascent.built.push(pin);
    return cutByEvent(ascent, week);
  }
  if (pin !== undefined) {
    const isLight = index > 0 && countsAsRecovery(ascent, pin);
    return { volume: pin, rule: 'pin', recovery: isLight && !isAnew };
  }
  if (week.running !== 1) return cutByEvent(ascent, week);
  if (index === 0) return firstWeek(ascent, week.length);
  if (week.kind === 'recovery') {
    return { volume: restedVolume(ascent), rule: 'recovery', recovery: true };
  }
  return isRested(ascent) && resumes(ascent)
    ? { volume: Math.min(last, ceiling(ascent, index)), rule: 're-entry', recovery: false }
    : rise(ascent);
}

/** The week as deep as asked, in whole steps: rounding makes none shallower than a check allows. */
function restedVolume({ context: { spec, rules }, last, step }: Ascent): number {
  const { depth } = spec.volume.recovery;
  const near = roundTo(recoveryLimit(last, depth), step);
  const { leastDepth } = rules.recovery;
  const most = recoveryLimit(last, leastDepth);
  return depth < leastDepth || near <= most ? near : floorTo(most, step);
}

/** True after a recovery week, and after one that an event cut. */
function isRested({ laid, frame }: Ascent): boolean {
  const previous = laid.at(-1);
  const cut = previous?.rule === 'event' && (frame.weeks[laid.length - 1]?.running ?? 1) < 1;
  return cut || previous?.recovery === true;
}

/**
 * True where a week after a rest goes on at the level of the last building week: after
 * an illness under every school, else as the coach has it, and not twice in a row.
 */
function resumes({ context, frame, laid }: Ascent): boolean {
  const last = laid.findLastIndex(({ recovery, rule }) => !recovery && rule !== 'event');
  const wasIll = frame.weeks.slice(last + 1, laid.length).some(({ ill }) => ill);
  const { reEntry } = context.spec.volume.recovery;
  return wasIll || (reEntry === 'resume' && laid[last]?.rule !== 're-entry');
}

function pinOf({ context: { spec } }: Ascent, number: number): number | undefined {
  return spec.pins.find((pin) => pin.week === number)?.volume;
}

/** True for a week so far below the last building week that it rests the legs. */
function countsAsRecovery({ context: { rules }, last }: Ascent, volume: number): boolean {
  return volume <= recoveryLimit(last, rules.recovery.leastDepth) * (1 + 1e-9);
}

function cutByEvent(ascent: Ascent, { kind, running, length }: FrameWeek): LaidVolume {
  const { context, last, step, laid } = ascent;
  const { depth } = context.spec.volume.recovery;
  const usual = kind === 'recovery' ? recoveryLimit(last, depth) : last;
  const volume = roundTo((usual * running * length) / 7, step);
  return { volume, rule: 'event', recovery: laid.length > 0 && countsAsRecovery(ascent, volume) };
}

function firstWeek({ context: { spec }, step }: Ascent, length: number): LaidVolume {
  const { start } = spec.volume;
  if (length === 7) return { volume: start, rule: 'start', recovery: false };
  const volume = roundTo((start * length) / 7, step);
  return { volume, rule: 'short-first-week', recovery: false };
}

function rise(ascent: Ascent): LaidVolume {
  const { context, last, rises, step } = ascent;
  const index = ascent.laid.length;
  const wish = context.spec.volume;
  const most = ceiling(ascent, index);
  const school = growthSchools[wish.growth.school];
  const taken = rises.before(index) - ascent.risen;
  const stand = { last, start: ascent.start, peak: wish.peak, taken };
  const wished = school.next({ ...stand, needed: neededAhead(ascent, index) }, wish.growth);
  // At the top a school that goes back by turns still does.
  const goesBack = wished < last && last <= most;
  if (last >= most && !goesBack) return { volume: most, rule: 'held', recovery: false };
  const { weeks, most: share } = mostOfARise(wish.growth, context.spec);
  const base = Math.max(...ascent.built.slice(-weeks));
  const capped = school.keepsCap ? growthLimit(base, share) : Infinity;
  if (wished >= most * (1 - 1e-9) && most <= capped * (1 + 1e-9)) {
    return { volume: most, rule: 'peak', recovery: false };
  }
  const volume = Math.min(roundTo(wished, step), Math.max(last, floorTo(capped, step)), most);
  return { volume: clean(volume), rule: 'rise', recovery: false };
}

/** After the first peak week nothing climbs past what was reached. */
function ceiling({ context: { spec }, rises, top }: Ascent, index: number): number {
  return index > rises.peakIndex ? Math.min(spec.volume.peak, top) : spec.volume.peak;
}

/** The steepest growth that a heavier pin or the peak ahead asks for. */
function neededAhead(ascent: Ascent, index: number): number {
  const { context, frame, rises, last } = ascent;
  const { pins, volume } = context.spec;
  const anchors = [[Math.max(index, rises.peakIndex), ceiling(ascent, index)] as const];
  for (const { week, volume: pin } of pins) {
    if (pin !== undefined && week - 1 > index && week <= frame.taperStart) {
      anchors.push([week - 1, Math.min(pin, volume.peak)]);
    }
  }
  const growths = anchors.map(([anchor, amount]) => {
    const steps = Math.max(1, rises.before(anchor + 1) - rises.before(index));
    return (amount / last) ** (1 / steps) - 1;
  });
  return Math.max(...growths);
}

/** What a short week would be over seven days. */
export function fullWeek(volume: number, length: number): number {
  return (volume * 7) / length;
}

/** What a week would be over seven days, and with every run day of its cycle. */
export function wholeWeek(
  spec: Parameters<typeof runningOfCycle>[0],
  { volume, length, start }: { volume: number; length: number; start: CivilDate },
): number {
  return fullWeek(volume, length) / runningOfCycle(spec, start);
}
