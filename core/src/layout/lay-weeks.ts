import { type CivilDate, sum } from '../base/index.js';
import type { HouseRules } from '../rules/index.js';
import type { BlockSpec } from '../spec/index.js';
import { amountOf, amountsOf, planOf, type WeekOfAmounts } from './amounts.js';
import type { Block } from './block/block.js';
import type { Day } from './block/day.js';
import type { Week } from './block/week.js';
import type { Context } from './context/context.js';
import { fillWeeks } from './fill-weeks.js';
import { racedIn } from './events/event-days.js';
import type { Frame } from './frame/frame.js';
import { placesOf } from './fill/places.js';
import type { RunEntry } from '../record/index.js';
import { dayLoad, layLegs } from './load/legs.js';
import { loadsOf } from './load/recorded-load.js';
import { writtenLongRun } from './longrun/written-long-run.js';
import { type Past, noPast } from './past/past.js';
import { resolve } from './resolve/resolve.js';
import { type KeySession, fillSessions } from './sessions/fill-sessions.js';
import { fullWeek, wholeWeek } from './volume/climb.js';
import { feasibility } from './volume/feasibility.js';
import { type PlannedDay, planWeek } from './week/plan-week.js';

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
  let laid = layStages(given, past, record);
  if (given.volume?.peak !== undefined) return laid;
  for (let lowered = 0; lowered < LOWERED_AT_MOST; lowered++) {
    const { spec, weeks } = laid.block;
    const { start, peak } = spec.volume;
    const reached = Math.max(start, ...weeks.map((week) => wholeWeek(spec, week)));
    if (reached >= peak) break;
    // Its days stay, though the start that they go by is known now.
    const lower = { ...given, volume: { ...spec.volume, peak: reached }, week: spec.week };
    laid = layStages(lower, past, record);
  }
  return laid;
}

/** Stage by stage: resolve, frame, amounts, days, sessions, fill, legs; each a function of the context and the stage before. */
function layStages(given: BlockSpec, past: Past, record: readonly RunEntry[]): Laid {
  const { context, frame } = resolve(given, past);
  const { spec, rules, pace } = context;
  const amounts = amountsOf(context, frame);
  const roles = amounts.map((week) => planWeek(context, planOf(week), amountOf(week)));
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
    const inLongRun =
      writtenLongRun(context, longRun.date)?.hardDistance ?? (segment?.amount ?? 0) / perMetre;
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
