import type { Frame, FrameWeek } from '../frame/frame.js';
import type { HouseRules } from '../../rules/house-rules.js';
import { clean, floorTo, roundTo } from '../../base/round.js';
import type { Wishes } from '../../spec/block-spec.js';
import { growthSchools } from './growth-schools.js';
import { type Rises, countRises } from './rises.js';

/** Why a week's volume is what it is. */
export type VolumeRule =
  | 'start'
  | 'short-first-week'
  | 'pin'
  | 'rise'
  | 'peak'
  | 'held'
  | 're-entry'
  | 'recovery'
  | 'event'
  | 'steady'
  | 'taper'
  | 'race';

export interface LaidVolume {
  volume: number;
  rule: VolumeRule;
  /** The week counts as a recovery week, scheduled or pinned low. */
  recovery: boolean;
}

/**
 * Volumes of the weeks before the taper, laid forward week by week: each
 * building week rises from the last building week as the school has it, never
 * past the peak; pins are kept exactly and climbed from. A week that an event
 * cuts is its part of the last building week, is nobody's base, and nothing of
 * it is made up later.
 *
 * @param step canonical amount to which unpinned weeks are rounded
 * @param perMetre the block's own amount in a metre of running: 1, or seconds
 */
export function climb(
  wishes: Wishes,
  rules: HouseRules,
  frame: Frame,
  step: number,
  perMetre: number,
): LaidVolume[] {
  const { volume: wish, pins } = wishes;
  const school = growthSchools[wish.growth.school];
  const rises = countRises(frame, wish);
  const pinned = new Map(pins.map((pin) => [pin.week, pin.volume]));
  const longest = new Map(pins.map((pin) => [pin.week, pin.longRun ?? 0]));
  const laid: LaidVolume[] = [];
  let last = wish.start;
  let top = wish.start;

  for (const [index, week] of frame.weeks.slice(0, frame.taperStart).entries()) {
    const next = layWeek(index);
    // A week holds at least the long run pinned in it, and the races in it.
    const least = (longest.get(week.number) ?? 0) + week.raced * perMetre;
    const volume = next.rule === 'pin' ? next.volume : Math.max(next.volume, least);
    laid.push({ ...next, volume });
    // A short first week stands for the start it was taken from.
    const stands = next.rule !== 'short-first-week' && next.rule !== 'event';
    if (!next.recovery && stands) last = fullWeek(volume, week.length);
    top = Math.max(top, last);
  }
  return laid;

  function layWeek(index: number): LaidVolume {
    const week = frame.weeks[index];
    const pin = pinned.get(index + 1);
    if (pin !== undefined) {
      const low = pin <= last * (1 - rules.recovery.leastDepth) * (1 + 1e-9);
      return { volume: pin, rule: 'pin', recovery: index > 0 && low };
    }
    if (week && week.running !== 1) return cutByEvent(week);
    if (index === 0) return firstWeek(week?.length ?? 7);
    if (week?.kind === 'recovery') {
      return {
        volume: roundTo(last * (1 - wish.recovery.depth), step),
        rule: 'recovery',
        recovery: true,
      };
    }
    const previous = laid[index - 1];
    const cut = previous?.rule === 'event' && (frame.weeks[index - 1]?.running ?? 1) < 1;
    const rested = cut || previous?.recovery === true;
    const resumes = rested && wish.recovery.reEntry === 'resume';
    if (resumes)
      return { volume: Math.min(last, ceiling(index)), rule: 're-entry', recovery: false };
    return rise(index);
  }

  function cutByEvent({ kind, running, length }: FrameWeek): LaidVolume {
    const usual = kind === 'recovery' ? last * (1 - wish.recovery.depth) : last;
    const volume = roundTo((usual * running * length) / 7, step);
    const low = volume <= last * (1 - rules.recovery.leastDepth) * (1 + 1e-9);
    return { volume, rule: 'event', recovery: laid.length > 0 && low };
  }

  function firstWeek(length: number): LaidVolume {
    if (length === 7) return { volume: wish.start, rule: 'start', recovery: false };
    return {
      volume: roundTo((wish.start * length) / 7, step),
      rule: 'short-first-week',
      recovery: false,
    };
  }

  function rise(index: number): LaidVolume {
    const most = ceiling(index);
    if (last >= most) return { volume: most, rule: 'held', recovery: false };
    const wished = school.next(
      {
        last,
        start: wish.start,
        peak: wish.peak,
        taken: rises.before(index),
        needed: neededAhead(index, rises),
      },
      wish.growth,
    );
    const capped = school.keepsCap ? last * (1 + wish.growth.cap) : Infinity;
    if (wished >= most * (1 - 1e-9) && most <= capped * (1 + 1e-9)) {
      return { volume: most, rule: 'peak', recovery: false };
    }
    const volume = Math.min(roundTo(wished, step), Math.max(last, floorTo(capped, step)), most);
    return { volume: clean(volume), rule: 'rise', recovery: false };
  }

  /** After the first peak week nothing climbs past what was reached. */
  function ceiling(index: number): number {
    return index > rises.peakIndex ? Math.min(wish.peak, top) : wish.peak;
  }

  /** The steepest growth that a heavier pin or the peak ahead asks for. */
  function neededAhead(index: number, { peakIndex, before }: Rises): number {
    const anchors = [[Math.max(index, peakIndex), ceiling(index)] as const];
    for (const [number, pin] of pinned) {
      if (pin !== undefined && number - 1 > index && number <= frame.taperStart) {
        anchors.push([number - 1, Math.min(pin, wish.peak)]);
      }
    }
    const growths = anchors.map(([anchor, amount]) => {
      const steps = Math.max(1, before(anchor + 1) - before(index));
      return (amount / last) ** (1 / steps) - 1;
    });
    return Math.max(...growths);
  }
}

/** What a short week would be over seven days. */
export function fullWeek(volume: number, length: number): number {
  return (volume * 7) / length;
}
