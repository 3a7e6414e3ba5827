import type { Frame, FrameWeek } from '../frame/frame.js';
import type { EventDays } from '../events/event-days.js';
import { type HouseRules, raceRules } from '../../rules/house-rules.js';
import { layoutStep } from '../../rules/layout-step.js';
import { clean, floorTo, roundTo } from '../../base/round.js';
import { type CivilDate, differenceInDays } from '../../base/civil-date.js';
import type { LaidVolume } from '../volume/climb.js';
import type { Wishes } from '../../spec/block-spec.js';
import { longRunLadders } from './ladders.js';
import { longRunDay } from './long-run-day.js';
import { longRunGrowthLimit, longRunShareLimit, longRunTimeLimit, perMetre } from './limits.js';

/** Why a long run is as long as it is. */
export type LongRunRule =
  | 'start'
  | 'pin'
  | 'rung'
  | 'peak'
  | 'share-cap'
  | 'time-cap'
  | 'growth-cap'
  | 'recovery'
  | 'after-peak'
  | 'event'
  | 'no-day'
  | 'race';

export interface LaidLongRun {
  longRun: number;
  rule: LongRunRule;
  /** The day it falls on; undefined when there is none. */
  date: CivilDate | undefined;
}

type Laid = Omit<LaidLongRun, 'date'>;

/** Long run between the last peak and two weeks out, as a part of the peak (policy). */
const AFTER_PEAK = 0.85;

/**
 * Every week's long run: a ladder over the building weeks up to the last peak,
 * each rung under the caps on its share, its time and its growth; a shorter one
 * in recovery weeks; coming down after the peak; none in race week, nor in a
 * short first week without its day. In the week of a race on the way it is cut,
 * and moved where the race or days away need its day. Pins are kept exactly and
 * climbed from.
 *
 * @param longRunOn the day wished for it in each week; undefined where the cycle has none
 * @param runDays run days of a week, the long run's among them
 * @param pace easy pace as the block is laid out, s/km
 * @param paceOn easy pace of a day as its paces stand
 * @param eventDays what events ask of single days
 */
export function layLongRuns(
  wishes: Wishes,
  rules: HouseRules,
  frame: Frame,
  volumes: readonly LaidVolume[],
  {
    longRunOn,
    runDays,
    pace,
    paceOn,
    eventDays,
  }: {
    longRunOn: readonly (CivilDate | undefined)[];
    runDays: number;
    pace: number;
    paceOn: (day: CivilDate) => number;
    eventDays: EventDays;
  },
): LaidLongRun[] {
  const { longRun: wish } = wishes;
  const step = layoutStep(wishes.athlete, rules);
  const days = frame.weeks.map((week, index) => longRunDay(week, longRunOn[index], eventDays));
  const lastPeak = lastPeakIndex(wishes, frame, days);
  const climbs = volumes.map(
    ({ recovery, rule }, index) =>
      !recovery &&
      index <= lastPeak &&
      days[index]?.race !== true &&
      (rule !== 'event' || (frame.weeks[index]?.running ?? 1) > 1),
  );
  const pins = new Map(wishes.pins.map((pin) => [pin.week, pin.longRun]));
  const laid: LaidLongRun[] = [];
  let last: number | undefined;
  let longest = 0;
  let line = wish.start;

  for (const [index, week] of frame.weeks.entries()) {
    const pin = pins.get(week.number);
    const next = pin === undefined ? layWeek(index, week) : { longRun: pin, rule: 'pin' as const };
    laid.push({ date: next.longRun > 0 ? days[index]?.date : undefined, ...next });
    if (climbs[index] && week.length === 7) {
      last = next.longRun;
      longest = Math.max(longest, last);
      if (pin !== undefined) line = pin;
    }
  }
  return laid;

  function layWeek(index: number, week: FrameWeek): Laid {
    const { date, race = false } = days[index] ?? {};
    if (week.kind === 'race') return { longRun: 0, rule: 'race' };
    if (!date || week.length === 1) return { longRun: 0, rule: 'no-day' };
    if (race && index <= lastPeak) {
      return fitted(index, (last ?? wish.start) * (1 - rules.events.longRunCut), 'event');
    }
    if (climbs[index]) return rung(index);
    if (index > lastPeak) {
      const daysOut = differenceInDays(wishes.race.date, date);
      return fitted(index, wishedAfterPeak(index, daysOut), 'after-peak');
    }
    const before = last ?? wish.start;
    if (volumes[index]?.rule === 'event') {
      const wished = before * Math.min(1, week.running);
      return fitted(index, stillLongest(index, wished), 'event');
    }
    const wished = before * (1 - wishes.volume.recovery.depth);
    return fitted(index, stillLongest(index, wished), 'recovery');
  }

  function rung(index: number): Laid {
    if (last === undefined) return fitted(index, wish.start, 'start');
    const left = climbs.slice(index + 1).filter(Boolean).length;
    line += Math.max(0, wish.peak - line) / (left + 1);
    const part = longRunLadders[wish.ladder].part(left);
    const wished = part < 1 ? Math.min(line, stillLongest(index, line * part)) : line;
    const most = longRunGrowthLimit(wishes, rules, longest, pace);
    if (wished > most * (1 + 1e-9)) return fitted(index, floorTo(most, step), 'growth-cap');
    return fitted(index, wished, left === 0 ? 'peak' : 'rung');
  }

  /** Rounds a wished long run and brings it under the caps of its week. */
  function fitted(index: number, wished: number, rule: LongRunRule): Laid {
    const raced = (frame.weeks[index]?.raced ?? 0) * perMetre(wishes, pace);
    const volume = Math.max(0, (volumes[index]?.volume ?? 0) - raced);
    // A short first week has too few days to hold the long run to its usual part.
    const evenly = 1 / (frame.weeks[index]?.length ?? 7);
    const byShare = volume * Math.max(evenly, longRunShareLimit(wishes, rules, volume, pace));
    const byTime = longRunTimeLimit(
      wishes,
      rules,
      paceOn(frame.weeks[index]?.start ?? wishes.start),
    );
    const rounded = rule === 'peak' ? wished : roundTo(wished, step);
    if (rounded <= Math.min(byShare, byTime) * (1 + 1e-9)) return { longRun: clean(rounded), rule };
    const capped = floorTo(Math.min(byShare, byTime), step);
    return { longRun: capped, rule: byShare <= byTime ? 'share-cap' : 'time-cap' };
  }

  /** A long run made shorter on purpose still stays the longest run of its week. */
  function stillLongest(index: number, wished: number): number {
    const others = rules.week.mostOfLongRun * (runDays - 1);
    return Math.max(wished, (volumes[index]?.volume ?? 0) / (1 + others));
  }

  /**
   * About 65 % of the peak two weeks out, about 40 % one week out. In middle
   * distance the long run is hardly longer than the rest: there it only stays
   * the longest.
   */
  function wishedAfterPeak(index: number, daysOut: number): number {
    const { twoWeeksOut, oneWeekOut } = rules.longRun.taperShares;
    const parts = [0, oneWeekOut, twoWeeksOut];
    const part = parts[Math.round(daysOut / 7)] ?? AFTER_PEAK;
    const wished = part * Math.max(last ?? wish.start, ...laid.map(({ longRun }) => longRun));
    const middleDistance = raceRules(rules, wishes.race.distance).longRunPeak === undefined;
    return wished > 0 && middleDistance ? stillLongest(index, wished) : wished;
  }
}

/**
 * Index of the week with the last peak long run: the one whose long run falls
 * nearest to the wished weeks before race day, recovery weeks left out.
 */
function lastPeakIndex(
  wishes: Wishes,
  frame: Frame,
  days: readonly { date: CivilDate | undefined; race: boolean }[],
): number {
  const wished = 7 * wishes.longRun.lastPeakWeeksOut;
  let best = 0;
  let nearest = Infinity;
  for (const [index, week] of frame.weeks.entries()) {
    const { date, race = false } = days[index] ?? {};
    const builds = week.kind === 'building' || week.kind === 'taper';
    if (!date || !builds || race || week.running < 1) continue;
    const away = Math.abs(differenceInDays(wishes.race.date, date) - wished);
    if (away < nearest) [best, nearest] = [index, away];
  }
  return best;
}
