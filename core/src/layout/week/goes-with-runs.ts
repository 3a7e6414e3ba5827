import {
  type AddOn,
  type DayRole,
  fixedDayOf,
  type WorkKind,
  type Works,
} from '../../spec/days/index.js';
import { addDays, type CivilDate } from '../../base/index.js';
import { LAST_DAYS } from '../../rules/limits/index.js';
import type { Context } from '../context/context.js';
import type { FrameWeek } from '../frame/frame.js';
import type { WishedDay } from '../wished/coach-week.js';
import { isHard, isPlain, isRaced } from './roles.js';

/** A week whose roles are settled, and what was asked of its days. */
export interface WeekOfRoles {
  context: Context;
  week: Pick<FrameWeek, 'kind' | 'phase'> & { recovery: boolean };
  /** Days from its first day to the race. */
  firstDaysOut: number;
  /** Its days as wished; in race week with the rest where it belongs. */
  composed: readonly WishedDay[];
}

/** Places of the runs that take strides of the product's own. */
export function stridesIn(of: WeekOfRoles, roles: readonly DayRole[]): number[] {
  return [pickUpsOn(of, roles), stridesOn(of, roles)];
}

/** Days at the end of a recovery week in one of which a few relaxed pick-ups belong. */
const LAST_OF_RECOVERY = 2;

/** The last easy run of a recovery week, where it falls on one of its last days and nothing is fixed there. */
function pickUpsOn({ context, week, composed }: WeekOfRoles, roles: readonly DayRole[]): number {
  if (!week.recovery || context.spec.athlete.injured) return -1;
  const last = roles.findLastIndex((role) => isPlain(role));
  const isFree = composed[last]?.fixed === false && !composed[last].plain;
  return last >= roles.length - LAST_OF_RECOVERY && isFree ? last : -1;
}

/** Strides on an easy run of a speed phase whose one session may be no quicker than the race; with two one of them is. */
function stridesOn({ context, week, composed }: WeekOfRoles, roles: readonly DayRole[]): number {
  const { injured, oftenHurt } = context.spec.athlete;
  const isQuick = week.phase.kind === 'speed' && week.kind === 'building' && !week.recovery;
  const sessions = roles.filter((role) => role === 'quality').length;
  // Nor does a taper whose session a race has driven off go without anything quick.
  const { qualityOn } = context.spec.week;
  const isDrivenOff = sessions === 0 && qualityOn.length > 0 && !roles.some(isRaced);
  const isSlow = week.kind === 'taper' && isDrivenOff;
  if (!(isQuick && sessions === 1) && !isSlow) return -1;
  if (injured || oftenHurt) return -1;
  return roles.findLastIndex((role, index) => {
    const day = composed[index];
    const mayBe = role === 'easy' && day?.fixed === false && !day.plain;
    return mayBe && !isHard(roles[index + 1]) && !isTired(context, day.date);
  });
}

/** Days after a race or a test on which nothing quick is run. */
const AFTER_A_RACE = 2;

/** True on the first days after a race on the way, and on those after an illness. */
function isTired({ eventDays }: Context, date: CivilDate): boolean {
  if (eventDays.get(date)?.back !== undefined) return true;
  return eventDays.size > 0 && daysBefore(date).some((day) => eventDays.get(day)?.race);
}

function daysBefore(date: CivilDate): CivilDate[] {
  return Array.from({ length: AFTER_A_RACE }, (_, before) => addDays(date, -before - 1));
}

/** Work beside running as asked; a date's own stays, a week's leaves out the last days before the race. */
export function worksOf(
  { context, composed, firstDaysOut }: WeekOfRoles,
  index: number,
  role: DayRole,
): Works {
  const day = composed[index];
  const daysOut = firstDaysOut - index;
  return { strength: of('strength'), core: of('core'), mobility: of('mobility') };

  function of(kind: WorkKind): boolean | number | undefined {
    if (!day?.[kind] || role === 'race') return undefined;
    const isNear = daysOut > 0 && daysOut <= QUIET[kind];
    return !isNear || fixedDayOf(context.spec.days, day.date)[kind] ? day[kind] : undefined;
  }
}

/** Days before the race without such work. */
const QUIET: Readonly<Record<WorkKind, number>> = { strength: LAST_DAYS, core: 1, mobility: 0 };

/** Strides the day before the race; nothing quick for an injured athlete. */
export function addOnOf(
  { spec }: Context,
  day: WishedDay | undefined,
  daysOut: number,
): AddOn | undefined {
  const addOn = day?.addOn ?? (daysOut === 1 && !day?.plain ? 'strides' : undefined);
  return spec.athlete.injured && addOn !== 'drills' ? undefined : addOn;
}
