import { type CivilDate, differenceInDays, floorTo } from '../../base/index.js';
import { isLongRace } from '../../rules/index.js';
import { stillLongest } from './caps.js';
import { type Climb, longRunOfHeaviest } from './long-run-climb.js';

/** Long run after the last peak and before the taper, as a part of the peak (policy). */
const AFTER_PEAK = 0.85;

/**
 * Cut as every run of its week is, against the heaviest week's; before a half
 * marathon or marathon at most so much of the longest two weeks and one week out.
 */
export function wishedAfterPeak(climb: Climb, index: number, date: CivilDate): number {
  const { context, frame } = climb;
  const { spec, rules, easyOn } = context;
  const longest = Math.max(climb.last ?? spec.longRun.start, climb.longest);
  const week = frame.weeks[index];
  if (week?.kind === 'building') return stillLongest(climb, index, AFTER_PEAK * longest);
  const share = (week?.taperShare ?? 1) * longRunOfHeaviest(climb);
  if (!isLongRace(spec.race.distance)) return floorTo(share, context.step);
  const { taperShares, lastTime } = rules.longRun;
  const weeksOut = Math.round(differenceInDays(spec.race.date, date) / 7);
  const part = [taperShares.oneWeekOut, taperShares.oneWeekOut, taperShares.twoWeeksOut][weeksOut];
  const byTime = spec.athlete.basis === 'time' ? lastTime : (lastTime / easyOn(date)) * 1000;
  const wished = Math.min(share, (part ?? 1) * longest, weeksOut <= 1 ? byTime : Infinity);
  return floorTo(wished, context.step);
}
