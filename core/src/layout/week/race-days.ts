import { LAST_DAYS } from '../../rules/limits/index.js';
import { isRun } from '../../spec/days/index.js';
import { addDays, daysUntilWeekday, weekdayOf } from '../../base/index.js';
import type { Context } from '../context/context.js';
import { rolesInTaper, type WishedDay } from '../wished/coach-week.js';

/** The last sharpening session, days before the race: best first where the coach has no day for it. */
const SHARPENING = [4, 5, 3];

/** Days of a week counted to the race. */
interface Composing {
  context: Context;
  days: readonly WishedDay[];
  /** From its first day to the race. */
  firstDaysOut: number;
  /** True where the coach has a week of their own for these days. */
  own: boolean;
}

/**
 * The last six days before the race: rest where the house rule has it, a
 * shake-out on the eve, one sharpening session three to five days out, all else
 * easy, as many run days as wished. What the coach fixed for a date, or laid into
 * a week of their own, stays.
 */
export function composeRaceDays(of: Composing): WishedDay[] {
  const composed = of.days.map((day, index) =>
    mayChange(of, index) ? roleBeforeRace(of, index) : day,
  );
  return restedLater(of, keepingFrequency(of, composed));
}

/** Rest before the sharpening session changes places with the next easy day. */
function restedLater(of: Composing, composed: readonly WishedDay[]): WishedDay[] {
  const placed = [...composed];
  const rest = placed.findIndex(
    ({ role }, index) =>
      role === 'rest' && mayChange(of, index) && placed[index + 1]?.role === 'quality',
  );
  const easy = placed.findIndex(
    ({ role }, index) => index > rest && role === 'easy' && mayChange(of, index),
  );
  const [early, late] = [placed[rest], placed[easy]];
  if (of.own || rest < 0 || !early || !late || restsAround(of, placed, easy) >= TOO_MANY)
    return placed;
  placed[rest] = { ...early, role: 'easy' };
  placed[easy] = { ...late, role: 'rest' };
  return placed;
}

/** Days of rest in a row before the race that are too many where they need not be. */
const TOO_MANY = 3;

/** Days of rest in a row, were this one rested too; beyond the week the one that race week has. */
function restsAround(of: Composing, days: readonly WishedDay[], index: number): number {
  const { restDaysOut } = of.context.rules.raceWeek;
  const isRest = (at: number) =>
    days[at]?.role === 'rest' || (at >= days.length && of.firstDaysOut - at === restDaysOut);
  let [first, last] = [index, index];
  while (isRest(first - 1)) first--;
  while (isRest(last + 1)) last++;
  return last - first + 1;
}

/** True for one of the last six days that the athlete has free and the coach left open. */
function mayChange({ context, days, firstDaysOut }: Composing, index: number): boolean {
  const day = days[index];
  const daysOut = firstDaysOut - index;
  if (!day || day.fixed || daysOut < 1 || daysOut > LAST_DAYS) return false;
  return !context.spec.athlete.unavailable.includes(weekdayOf(day.date));
}

function roleBeforeRace(of: Composing, index: number): WishedDay {
  const { context, days, firstDaysOut, own } = of;
  const day = days[index] as WishedDay;
  const daysOut = firstDaysOut - index;
  const { restDaysOut } = context.rules.raceWeek;
  if (daysOut === restDaysOut) return { ...day, role: 'rest' };
  if (daysOut === 1) return { ...day, role: day.role === 'rest' && own ? 'rest' : 'short-easy' };
  if (own) return day;
  if (daysOut === sharpeningOn(of)) return { ...day, role: 'quality' };
  const isHard = day.role === 'quality' || day.role === 'semi-long' || day.role === 'long';
  return isHard ? { ...day, role: 'easy' } : day;
}

/** Days before the race of the last sharpening session; none where the coach has no quality days. */
function sharpeningOn(of: Composing): number | undefined {
  const { context, days, firstDaysOut } = of;
  const { spec, rules } = context;
  const asked =
    spec.week.days?.some(({ role }) => role === 'quality') ?? spec.week.qualityOn.length > 0;
  if (!asked) return undefined;
  const isFree = (daysOut: number) => {
    if (daysOut < rules.raceWeek.lastSession || daysOut === rules.raceWeek.restDaysOut)
      return false;
    const weekday = weekdayOf(addDaysOut(context, daysOut));
    return !spec.athlete.unavailable.includes(weekday);
  };
  // Where the race stands early in its week, both weeks have to find the same day.
  const wished = (daysOut: number) =>
    days[firstDaysOut - daysOut]?.role ?? roleBeside(context, daysOut);
  const isWished = (daysOut: number) => wished(daysOut) === 'quality';
  // The day before a usual long run is a short one: a session cut to its length is none.
  const isRoomy = (daysOut: number) => wished(daysOut - 1) !== 'long';
  const free = SHARPENING.filter(isFree);
  return free.find(isWished) ?? free.find(isRoomy) ?? free[0];
}

/** What a day of the other week is for; a cycle of another length has no weekdays. */
function roleBeside(context: Context, daysOut: number) {
  const { spec, rules } = context;
  const usual = rolesInTaper(spec, rules);
  const weekday = weekdayOf(addDaysOut(context, daysOut));
  return usual.length === 7 ? usual[daysUntilWeekday(spec.weekStartsOn, weekday)]?.role : undefined;
}

function addDaysOut({ spec }: Context, daysOut: number) {
  return addDays(spec.race.date, -daysOut);
}

/**
 * As many run days as wished: the day that rest left is run; a run that came with
 * the eve is given up, or the shake-out of an eve that usually rests where days of
 * rest would follow each other. The long run’s own day rests, but for who hardly ever does.
 */
function keepingFrequency(of: Composing, composed: readonly WishedDay[]): WishedDay[] {
  const kept = [...composed];
  const rests = of.days.filter(({ role }) => !isRun(role)).length;
  const isLast = (index: number) => of.firstDaysOut - index <= LAST_DAYS && of.firstDaysOut > index;
  const count = (days: readonly WishedDay[]) =>
    days.filter(
      ({ role }, index) => isLast(index) && isRun(role) && (role !== 'long' || rests <= 1),
    ).length;
  const wished = count(of.days);
  const daysOut = (index: number) => of.firstDaysOut - index;
  const mayRun = (index: number) =>
    mayChange(of, index) &&
    daysOut(index) > 1 &&
    daysOut(index) !== of.context.rules.raceWeek.restDaysOut;
  while (count(kept) !== wished) {
    const from = count(kept) < wished ? 'rest' : 'easy';
    const open = kept.flatMap(({ role }, index) => (role === from && mayRun(index) ? [index] : []));
    const at = from === 'rest' ? open.at(-1) : givenUp(of, kept, open);
    const day = at === undefined ? undefined : kept[at];
    if (at === undefined || !day) break;
    kept[at] = { ...day, role: from === 'rest' ? 'easy' : 'rest' };
  }
  return kept;
}

/** The last run that leaves no three days of rest in a row, else an eve that usually rests, else the last. */
function givenUp(of: Composing, kept: readonly WishedDay[], open: readonly number[]) {
  const fits = open.findLast((index) => restsAround(of, kept, index) < TOO_MANY);
  const eve = of.firstDaysOut - 1;
  const usuallyRests = of.days[eve]?.role === 'rest' && mayChange(of, eve);
  const mayRest = usuallyRests && kept[eve]?.role === 'short-easy';
  return fits ?? (mayRest ? eve : open.at(-1));
}
