import { type LaidSwap, type WorkKind, workKinds } from '../../spec/days/index.js';
import { clean } from '../../base/index.js';
import { type CrossKind, crossWords } from '../../rules/index.js';
import type { Day, DayRule, DaySession } from '../block/day.js';
import type { Context } from '../context/context.js';
import type { Segment } from '../block/week.js';
import { namePaces, sessionOf, sessionTotals } from '../../sessions/index.js';
import type { PlannedDay } from '../week/planning.js';
import { isRaced } from '../week/roles.js';
import type { DealtDay } from './deal.js';
import { longRunOf } from './long-run.js';
import type { RunOf } from './run-of.js';
import { easyRun, keyRun, racedRun, runWithAddOn, writtenRun } from './runs.js';

/** What a week asks of its runs. */
interface WeekOfRuns {
  /** What its long run holds besides easy running. */
  segment: Segment | undefined;
  /** True where its easy running is at recovery pace. */
  recovery: boolean;
}

/**
 * Dealt days as they are run: each run in shorthand with what it takes and how
 * much of it is hard, cross-training and other work beside it, swaps carried out.
 */
export function layDays(context: Context, dealt: readonly DealtDay[], week: WeekOfRuns): Day[] {
  return dealt.map((each) => layDay(context, each, week));
}

function layDay(context: Context, dealt: DealtDay, { segment, recovery }: WeekOfRuns): Day {
  const { day, runs, main } = dealt;
  const past = context.past.on(day.date)?.day;
  if (past) return past;
  const atRecovery = recovery || day.role === 'recovery';
  const pace = atRecovery ? 'recovery' : 'easy';
  const ran = runs.map((amount, place) =>
    place === main
      ? mainRun(context, dealt, { amount, date: day.date, pace }, segment)
      : otherRun(context, { amount, date: day.date, pace }),
  );
  const swap = ran.length > 0 && !isRaced(day.role) ? swapOf(context, dealt, ran) : undefined;
  const sessions = swap ? ran.map((one) => crossTraining(swap.kind, one.time)) : ran;
  sessions.push(...besidesRunning(context, dealt));
  const sums = sumsOf(sessions);
  const isDone = runs.length > 0 || day.role === 'race' || day.role === 'cross-train';
  const { double, strength, core, mobility, addOn, cross } = day;
  return {
    date: day.date,
    role: isDone ? day.role : 'rest',
    atRecovery,
    rule: ruleOf(dealt, swap !== undefined),
    distance: clean(sums.distance),
    time: clean(sums.time),
    hardTime: sums.hardTime,
    cross: worthOf(context, dealt, swap?.kind ?? cross ?? 'bike', sums.crossTime),
    swap,
    quick: !swap && runs.length > 0 && isQuick(dealt, sessions),
    beside: { double, strength, core, mobility, addOn, cross },
    sessions,
  };
}

/** What is done instead of running: as the coach fixed it, or in the water where an injured athlete would run hard. */
function swapOf(
  { spec, fixedOn }: Context,
  { day }: DealtDay,
  ran: readonly DaySession[],
): LaidSwap | undefined {
  const hard = spec.athlete.injured && ran.some(({ hardTime }) => hardTime > 0);
  const instead = hard ? ({ kind: 'pool', reason: 'soreness' } as const) : undefined;
  return fixedOn(day.date).swap ?? day.swap ?? instead;
}

/** Cross-training of its own day, and work beside running. */
function besidesRunning(context: Context, { day }: DealtDay): DaySession[] {
  const { rules } = context;
  if (day.away) return [];
  const done: DaySession[] = [];
  if (day.role === 'cross-train') done.push(crossTrainingOf(context, day));
  for (const kind of workKinds) {
    const asked = day[kind];
    if (asked) done.push(work(kind, asked === true ? rules.week[`${kind}Time`] : asked));
  }
  return done;
}

function sumsOf(sessions: readonly DaySession[]) {
  const sums = { distance: 0, time: 0, hardTime: 0, crossTime: 0 };
  for (const session of sessions) {
    if (session.kind === 'cross') sums.crossTime += session.time;
    if (session.kind !== 'run') continue;
    sums.distance += session.distance;
    sums.time += session.time;
    sums.hardTime += session.hardTime;
  }
  return sums;
}

/** What cross-training counts as, in easy running of its day. */
function worthOf(
  { rules, easyOn }: Context,
  { day }: DealtDay,
  kind: CrossKind,
  time: number,
): Day['cross'] {
  const equivalentTime = time * rules.cross[kind];
  const equivalentDistance = (equivalentTime / easyOn(day.date)) * 1000;
  return { time, equivalentTime, equivalentDistance };
}

function mainRun(
  context: Context,
  { day, key, fixed }: DealtDay,
  of: RunOf,
  segment: Segment | undefined,
): DaySession {
  const { role, addOn } = day;
  const race = context.eventDays.get(of.date)?.race;
  const { session, byWeekday } = context.fixedOn(of.date);
  const own = byWeekday && role === 'long' ? undefined : session;
  if (race && isRaced(role) && own === undefined) return racedRun(context, of, race);
  // What is run around a session is easy in any week.
  const around = { ...of, pace: 'easy' } as const;
  if (role === 'long' && own === undefined) {
    return longRunOf(context, of, { segment, addOn });
  }
  if (own !== undefined) return writtenRun(context, around, own);
  if (key) return keyRun(context, around, key, addOn);
  const isOpen = role === 'quality' && fixed === undefined;
  const added = addOn ?? (isOpen ? 'strides' : undefined);
  return added ? runWithAddOn(context, of, added) : easyRun(context, of);
}

/** The other run of a day: easy, or the second session that the coach wrote. */
function otherRun(context: Context, of: RunOf): DaySession {
  const text = context.fixedOn(of.date).otherRun?.session;
  return text === undefined
    ? easyRun(context, of)
    : writtenRun(context, { ...of, pace: 'easy' }, text);
}

/** A day of cross-training: its minutes and its session, as the coach fixed them. */
function crossTrainingOf(context: Context, { date, cross = 'bike' }: PlannedDay): DaySession {
  const { session: text, crossTime } = context.fixedOn(date);
  const session = text === undefined ? undefined : sessionOf(text);
  const { usual } = context.rules.cross;
  if (text === undefined || !session) return crossTraining(cross, crossTime ?? usual);
  const { time } = sessionTotals(session.parts, context.sessionsOn(date));
  // Nobody jogs on a bike.
  const words = namePaces(text, context.spec.paces.table).replace(/\bjog\b/g, 'easy');
  return crossTraining(cross, crossTime ?? (time > 0 ? time : usual), words);
}

function crossTraining(kind: CrossKind, time: number, session?: string): DaySession {
  const minutes = Math.round(time / 60);
  const words = `${minutes} min ${crossWords[kind].words}`;
  return {
    kind: 'cross',
    shorthand: session === undefined ? words : `${words}: ${session}`,
    distance: 0,
    time: 60 * minutes,
    hardDistance: 0,
    hardTime: 0,
  };
}

function work(kind: WorkKind, time: number): DaySession {
  const shorthand = `${Math.round(time / 60)} min ${kind}`;
  return { kind, shorthand, distance: 0, time, hardDistance: 0, hardTime: 0 };
}

/** Something hard, or strides: a quality day without its session has these. */
function isQuick({ day: { role, addOn } }: DealtDay, sessions: readonly DaySession[]): boolean {
  const added = addOn === 'strides' || addOn === 'hill-sprints';
  return added || role === 'quality' || sessions.some(({ hardTime }) => hardTime > 0);
}

function ruleOf({ day, runs, key, fixed }: DealtDay, swapped: boolean): DayRule {
  if (swapped) return 'swap';
  if (day.role === 'race' || isRaced(day.role)) return 'race';
  if (day.role === 'cross-train') return 'cross';
  if (runs.length === 0) return day.away ? 'away' : 'rest';
  if (day.role === 'long') return 'long';
  // A day of the past is taken whole and has its own rule.
  return fixed && fixed !== 'past' ? fixed : key ? 'session' : 'share';
}
