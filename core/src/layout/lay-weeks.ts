import { type CivilDate, sum } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import type { BlockSpec, ResolvedSpec } from '../spec/index.js';
import { amountOf, amountsOf, planOf, type WeekOfAmounts } from './amounts.js';
import type { Block } from './block/block.js';
import { isBase } from './block/is-base.js';
import type { Day } from './block/day.js';
import type { Week } from './block/week.js';
import type { Context } from './context/context.js';
import { fillWeeks } from './fill-weeks.js';
import { racedIn } from './events/event-days.js';
import type { Frame } from './frame/frame.js';
import { segmentMetres } from './fill/long-run.js';
import { placesOf } from './fill/places.js';
import type { RunEntry } from '../record/index.js';
import { dayLoad, layLegs } from './load/legs.js';
import { loadsOf } from './load/recorded-load.js';
import { writtenLongRun } from './longrun/written-long-run.js';
import { type Past, noPast } from './past/past.js';
import { resolve } from './resolve/resolve.js';
import { fillSessions } from './sessions/fill-sessions.js';
import type { KeySession } from './sessions/key-session.js';
import { fullWeek, wholeWeek } from './volume/climb.js';
import { feasibility } from './volume/feasibility.js';
import { planWeek } from './week/plan-week.js';
import type { PlannedDay } from './week/planning.js';

/** A block, and the rules it was laid out under. */
interface Laid {
  block: Block;
  rules: HouseRules;
}

/** Each time the peak is lowered the long run may shrink with it, and hold less beside it. */
const LOWERED_AT_MOST = 8;

/**
 * Lays out the weeks of a block. A peak that nobody asked for is what its runs
 * come to, where they hold no more.
 *
 * @param past days that are taken as they were handed out, never laid out anew
 * @param record what was run: the legs' curve stands on it where it is known
 * @throws RangeError on a spec without a race date or a start
 */
export function layWeeks(
  given: BlockSpec,
  past: Past = noPast,
  record: readonly RunEntry[] = [],
): Laid {
  if (given.volume?.peak !== undefined) return layStages(given, past, record);
  // As it is lowered while no week is over, so that no day that passes moves what is to come.
  const planned = past.asOf === undefined ? undefined : lowered(given, noPast, [], LOWERED_AT_MOST);
  const left = planned?.left ?? LOWERED_AT_MOST;
  return lowered(planned?.given ?? given, past, record, left).laid;
}

/** A block, and what it was laid out from: as given, or with a peak that its runs hold. */
interface Lowered {
  given: BlockSpec;
  laid: Laid;
  /** How often it may be lowered still. */
  left: number;
}

function lowered(
  given: BlockSpec,
  past: Past,
  record: readonly RunEntry[],
  times: number,
): Lowered {
  let last: Lowered = { given, laid: layStages(given, past, record), left: times };
  while (last.left > 0) {
    const { spec, weeks } = last.laid.block;
    const { start, peak } = spec.volume;
    // What an event makes of a week goes by the peak, and is no measure of it.
    const base = weeks.filter(isBase);
    const reached = Math.max(start, ...base.map((week) => wholeWeek(spec, week)));
    if (reached >= peak) break;
    const lower = withPeak(given, spec, reached);
    last = { given: lower, laid: layStages(lower, past, record), left: last.left - 1 };
  }
  return last;
}

/** Its days stay, though the start that they go by is known now. */
function withPeak(given: BlockSpec, { volume, week }: ResolvedSpec, peak: number): BlockSpec {
  return { ...given, volume: { ...volume, peak }, week };
}

/** Stage by stage: resolve, frame, amounts, days, sessions, fill, legs; each a function of the context and the stage before. */
function layStages(given: BlockSpec, past: Past, record: readonly RunEntry[]): Laid {
  const { context, frame } = resolve(given, past);
  const { spec, rules, pace } = context;
  const amounts = amountsOf(context, frame);
  const roles = amounts.map((week, index) => {
    const neighbours = [amounts[index - 1], amounts[index + 1]];
    return planWeek(context, planOf(week, neighbours), amountOf(week));
  });
  const keys = keysOf(context, asMeant(context, frame, amounts), roles);
  const weeks = fillWeeks(context, amounts, { roles, keys, placeOf: placesOf(roles) });
  const block: Block = {
    spec,
    easyPace: pace,
    phases: frame.phases,
    weeks,
    feasible: feasibility(context, frame),
    legs: layLegs(loadsOf(daysToRace(weeks), record, spec.athlete), startingLoad(weeks)),
  };
  return { block, rules };
}

/**
 * Amounts that sessions are sized by: of weeks that are over what was meant for
 * them, as it was when their sessions were sized, not what their runs came to.
 */
function asMeant(
  context: Context,
  frame: Frame,
  amounts: readonly WeekOfAmounts[],
): readonly WeekOfAmounts[] {
  if (!amounts.some(({ over }) => over)) return amounts;
  const meant = amountsOf({ ...context, past: noPast }, frame);
  return amounts.map((week, index) => (week.over ? (meant[index] ?? week) : week));
}

/** Which session fills which quality day. */
function keysOf(
  context: Context,
  weeks: readonly WeekOfAmounts[],
  roles: readonly (readonly PlannedDay[])[],
): Map<CivilDate, KeySession> {
  const { perMetre, eventDays } = context;
  const toFill = weeks.map(({ frame, volume, longRun, segment }, index) => {
    const days = roles[index] ?? [];
    const { date } = longRun;
    const carried = segment && date !== undefined ? segmentMetres(context, date, segment) : 0;
    const inLongRun = writtenLongRun(context, date)?.hardDistance ?? carried;
    return {
      number: frame.number,
      phase: frame.phase.kind,
      distance: volume.volume / perMetre,
      hardElsewhere: inLongRun + racedIn(eventDays, days),
      days,
    };
  });
  return fillSessions(context, toFill);
}

function daysToRace(weeks: readonly Week[]): Day[] {
  const before: Day[] = [];
  for (const { days } of weeks) {
    for (const day of days) {
      before.push(day);
      if (day.role === 'race') return before;
    }
  }
  return [];
}

/** The legs as they would be had every day been run as planned. */
export function legsAsPlanned({ weeks }: Pick<Block, 'weeks'>): Block['legs'] {
  return layLegs(daysToRace(weeks).map(dayLoad), startingLoad(weeks));
}

/** Mean daily load of the first week, taken as what the athlete comes from. */
function startingLoad([first]: readonly Week[]): number {
  return first ? fullWeek(sum(first.days.map(dayLoad)), first.length) / 7 : 0;
}
