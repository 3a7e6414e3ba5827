import type { LongRunRule } from '../block/week.js';
import { type CivilDate, differenceInDays } from '../../base/index.js';
import { recoveryLimit } from '../../rules/limits/index.js';
import type { Context } from '../context/context.js';
import type { Frame, FrameWeek } from '../frame/frame.js';
import type { LaidVolume } from '../volume/climb.js';
import { restarts } from '../written/restarts.js';
import { wishedAfterPeak } from './after-peak.js';
import { stillLongest, underCaps } from './caps.js';
import { advance, overPeak, rung } from './ladder.js';
import type { LaidLongRun, UndatedLongRun } from './laid-long-run.js';
import { beginAnew, type Climb, type LongRunsAsked, startClimb } from './long-run-climb.js';
import { TO_THE_RACE } from './long-run-day.js';
import { longRunOfPast } from './past-long-run.js';
import { isRacedLong } from './raced-long.js';
import { lengthWritten } from './written-long-run.js';

/**
 * Every week's long run: a ladder over the building weeks up to the last peak,
 * each rung under the caps on its share, its time and its growth; a shorter one
 * in recovery weeks; coming down after the peak; none in race week, nor in a
 * short first week without its day. In the week of a race on the way it is cut,
 * and moved where the race or days away need its day. Pins are kept exactly and
 * climbed from.
 */
export function layLongRuns(
  context: Context,
  frame: Frame,
  volumes: readonly LaidVolume[],
  asked: LongRunsAsked,
): LaidLongRun[] {
  const climb = startClimb(context, frame, volumes, asked);
  const pins = new Map(context.spec.pins.map((pin) => [pin.week, pin.longRun]));
  for (const [index, week] of frame.weeks.entries()) {
    const past = longRunOfPast(context, week);
    // A week that the climb begins anew from is cut by an illness like any other.
    const isCut = restarts(context.spec, week) && week.ill;
    const pin =
      lengthWritten(context, asked.longRunOn[index]) ?? (isCut ? undefined : pins.get(week.number));
    if (past && climb.climbs[index] && !OFF_THE_LADDER.has(past.rule)) advance(climb, index);
    const next = past ?? longRunToCome(climb, index, pin);
    climb.laid.push(next);
    if (restarts(context.spec, week)) beginAnew(climb, week.number, next.longRun);
    if (!climb.climbs[index] || week.length !== 7 || next.longRun === 0) continue;
    climb.last = next.longRun;
    climb.longest = Math.max(climb.longest, next.longRun);
    if (next.rule === 'pin') climb.line = next.longRun;
    // One that its week makes longer is climbed from; in a week over the peak it is none of the ladder.
    const isOnLadder = next.rule === 'longest' && overPeak(climb, index) === 1;
    if (isOnLadder) climb.line = Math.max(climb.line, next.longRun);
  }
  return climb.laid;
}

/** Long runs that take no rung. */
const OFF_THE_LADDER: ReadonlySet<LongRunRule> = new Set(['pin', 'no-day', 'raced']);

/** The long run of a week that still has its day for it; pins are kept exactly. */
function longRunToCome(climb: Climb, index: number, pin: number | undefined): LaidLongRun {
  const week = climb.frame.weeks[index];
  if (!week) return { longRun: 0, rule: 'no-day', date: undefined };
  const laid: UndatedLongRun =
    pin === undefined ? layWeek(climb, index, week) : { longRun: pin, rule: 'pin' };
  const date = laid.longRun > 0 ? climb.days[index]?.date : undefined;
  // Its day is over and was no long run: what is gone is not made up.
  const isOver = date !== undefined && climb.context.past.on(date) !== undefined;
  return isOver ? { longRun: 0, rule: 'no-day', date: undefined } : { ...laid, date };
}

function layWeek(climb: Climb, index: number, week: FrameWeek): UndatedLongRun {
  const { spec, rules } = climb.context;
  const { date, race = false, cut = false } = climb.days[index] ?? {};
  if (week.kind === 'race') return { longRun: 0, rule: 'race' };
  if (week.raced > 0 && isRacedLong(climb.context, week, race))
    return { longRun: 0, rule: 'raced' };
  if (!date && isUpToRace(climb, week)) return { longRun: 0, rule: 'race' };
  if (!date || week.length === 1) return { longRun: 0, rule: 'no-day' };
  const before = climb.last ?? spec.longRun.start;
  if (cut && index <= climb.lastPeak) {
    return underCaps(climb, index, before * (1 - rules.events.longRunCut), 'event');
  }
  if (climb.climbs[index]) return rung(climb, index);
  if (index > climb.lastPeak) {
    return underCaps(
      climb,
      index,
      leftOn(climb, date) * wishedAfterPeak(climb, index, date),
      'after-peak',
    );
  }
  if (climb.volumes[index]?.rule === 'event') {
    const left = Math.min(week.eased, leftOn(climb, date));
    const { depth } = spec.volume.recovery;
    const usual = week.kind === 'recovery' ? recoveryLimit(before, depth) : before;
    const wished = stillLongest(climb, index, usual * left);
    return underCaps(climb, index, wished, 'event');
  }
  const wished = recoveryLimit(before, spec.volume.recovery.depth);
  // Where the runs of mid-week stay as they are, it still has to be longer than they.
  const longest = spec.week.midweek === undefined ? wished : stillLongest(climb, index, wished);
  return underCaps(climb, index, Math.min(longest, before), 'recovery');
}

/** True for a week whose usual day lies in the last days before the race. */
function isUpToRace({ context: { spec } }: Climb, { start, length }: FrameWeek): boolean {
  return differenceInDays(spec.race.date, start) - length < TO_THE_RACE;
}

/** What days away or an illness leave of a long run on this day. */
function leftOn({ context: { eventDays } }: Climb, date: CivilDate): number {
  return Math.min(1, eventDays.get(date)?.running ?? 1);
}
