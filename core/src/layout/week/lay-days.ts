import type { CivilDate } from '../../base/civil-date.js';
import type { BlockEvent } from '../../spec/event.js';
import { type EventDays, raceMetres } from '../events/event-days.js';
import { sessionOf } from '../../sessions/shorthand/parse-session.js';
import type { KeySession } from '../sessions/fill-sessions.js';
import type { Segment } from '../longrun/lay-segments.js';
import type { HouseRules } from '../../rules/house-rules.js';
import { type SessionTotals, sessionTotals } from '../../sessions/breakdown/lay-session.js';
import { nameParts, namePaces } from '../../sessions/shorthand/link-paces.js';
import { printSession } from '../../sessions/shorthand/print-session.js';
import { RACE_PACE, type SessionPaces } from '../../sessions/shorthand/session-paces.js';
import { clean, roundTo } from '../../base/round.js';
import { shownUnit } from '../../base/measure.js';
import type { Wishes } from '../../spec/block-spec.js';
import { type Swap, crossWords } from '../../rules/cross-training.js';
import type { Day, DayRule, DaySession } from './day.js';
import { dayWishOf } from '../../spec/fixed-day.js';
import type { DealtDay } from './deal.js';
import { Run } from './run.js';
import { type WordsContext, addOnWords, easyWords, longRunWords } from './session-words.js';
import { isRaced } from './plan-week.js';

/** What the days of a block are put into words and times with. */
export interface DayPaces {
  /** Easy pace of a day, s/km. */
  easyOn: (day: CivilDate) => number;
  sessionsOn: (day: CivilDate) => SessionPaces;
}

/**
 * Dealt days as they are run: each run in shorthand with what it takes and how
 * much of it is hard, cross-training and strength beside it, swaps carried out.
 *
 * @param segment what the week's long run holds besides easy running
 */
export function layDays(
  wishes: Wishes,
  rules: HouseRules,
  dealt: readonly DealtDay[],
  segment: Segment | undefined,
  eventDays: EventDays,
  { easyOn, sessionsOn }: DayPaces,
): Day[] {
  const { athlete } = wishes;
  const byTime = athlete.basis === 'time';
  const words: WordsContext = { counted: athlete, table: wishes.paces.table };
  return dealt.map((each) => {
    const { day, runs } = each;
    const { date } = day;
    const easy = easyOn(date);
    const ran = runs.map((amount, place) =>
      place === 0 ? firstRun(each, amount) : easyRun(amount, date),
    );
    const swap = dayWishOf(wishes.days, date).swap ?? day.swap ?? insteadOfHard(ran);
    const swapped = swap && ran.length > 0 && !isRaced(day.role);
    const sessions = swapped ? ran.map((one) => crossed(swap.kind, one.time)) : ran;
    if (day.role === 'cross-train' && !day.away) {
      sessions.push(crossed(day.cross ?? 'bike', rules.cross.usual));
    }
    if (day.strength && !day.away) sessions.push(strengthWork());
    let [distance, time, hardTime, crossTime] = [0, 0, 0, 0];
    for (const session of sessions) {
      if (session.kind === 'cross') crossTime += session.time;
      if (session.kind !== 'run') continue;
      distance += session.distance;
      time += session.time;
      hardTime += session.hardTime;
    }
    const kind = swapped ? swap.kind : (day.cross ?? 'bike');
    const equivalentTime = crossTime * rules.cross[kind];
    return {
      date,
      role:
        runs.length > 0 || day.role === 'race' || day.role === 'cross-train' ? day.role : 'rest',
      rule: ruleOf(each, swapped === true),
      distance: clean(distance),
      time: clean(time),
      hardTime,
      cross: {
        time: crossTime,
        equivalentTime,
        equivalentDistance: (equivalentTime / easy) * 1000,
      },
      swap: swapped ? swap : undefined,
      quick: !swapped && runs.length > 0 && isQuick(each, sessions),
      beside: {
        double: day.double,
        strength: day.strength,
        addOn: day.addOn,
        cross: day.cross,
      },
      sessions,
    };
  });

  /** An injured athlete does in the water what was written hard; races are a finding of their own. */
  function insteadOfHard(ran: readonly DaySession[]): Swap | undefined {
    const hard = athlete.injured && ran.some(({ hardTime }) => hardTime > 0);
    return hard ? { kind: 'pool', reason: 'soreness' } : undefined;
  }

  function firstRun(each: DealtDay, amount: number): DaySession {
    const { day, key, fixed } = each;
    const { date, role } = day;
    const race = eventDays.get(date)?.race;
    if (race && isRaced(role)) return raced(race, amount, date);
    const own = dayWishOf(wishes.days, date).session;
    if (own !== undefined && role !== 'long') return ownRun(own, amount, date);
    if (role === 'long') return longRun(amount, date);
    if (key) return around(key, amount, date);
    if (day.addOn) return withAddOn(addOnWords[day.addOn], amount, date);
    if (role === 'quality' && fixed === undefined) {
      return withAddOn(addOnWords.strides, amount, date);
    }
    return easyRun(amount, date, role === 'recovery' ? 'recovery' : 'easy');
  }

  function easyRun(amount: number, date: CivilDate, id?: string): DaySession {
    return run(() => easyWords(amount, words, id), amount, date);
  }

  /** Easy running of an amount, in the other quantity too. */
  function run(inWords: () => string, amount: number, date: CivilDate): DaySession {
    const easy = easyOn(date);
    return new Run(inWords, {
      distance: byTime ? Math.round((amount / easy) * 1000) : amount,
      time: byTime ? amount : Math.round((amount * easy) / 1000),
      hardDistance: 0,
      hardTime: 0,
      family: undefined,
    });
  }

  /** A run with some of it laid out as a session, and the rest easy. */
  function withSession(
    inWords: () => string,
    amount: number,
    laid: SessionTotals,
    date: CivilDate,
    family?: DaySession['family'],
  ): DaySession {
    const easy = easyOn(date);
    const left = Math.max(0, amount - (byTime ? laid.time : laid.distance));
    return new Run(inWords, {
      distance: byTime ? Math.round(laid.distance + (left / easy) * 1000) : amount,
      time: byTime ? amount : Math.round(laid.time + (left * easy) / 1000),
      hardDistance: laid.hardDistance,
      hardTime: laid.hardTime,
      family,
    });
  }

  function around(key: KeySession, amount: number, date: CivilDate): DaySession {
    const { id, name } = key.family;
    const family = { id, name, exposure: key.exposure };
    return withSession(() => aroundWords(key, amount), amount, key.laid, date, family);
  }

  /** Warming up and cooling down share what the session leaves of the run. */
  function aroundWords(key: KeySession, amount: number): string {
    const core = byTime ? key.laid.time : key.laid.distance;
    const left = Math.max(0, amount - core);
    const warmUp = Math.min(left, roundTo(left / 2, byTime ? 60 : shownUnit(athlete) / 2));
    const coolDown = clean(left - warmUp);
    const tenth = byTime ? 60 : shownUnit(athlete) / 10;
    return [
      warmUp >= tenth ? easyWords(warmUp, words) : '',
      printSession({ parts: nameParts(key.parts, wishes.paces.table) }),
      coolDown >= tenth ? easyWords(roundTo(coolDown, tenth), words) : '',
    ]
      .filter(Boolean)
      .join('; ');
  }

  function withAddOn(text: string, amount: number, date: CivilDate): DaySession {
    const session = sessionOf(text);
    const laid = session && sessionTotals(session.parts, sessionsOn(date));
    const added = laid ? (byTime ? laid.time : laid.distance) : 0;
    const left = clean(amount - added);
    if (!laid || left <= 0) return easyRun(amount, date);
    const easy = roundTo(left, byTime ? 60 : shownUnit(athlete) / 10);
    const inWords = () => `${easyWords(easy, words)}; ${namePaces(text, wishes.paces.table)}`;
    // Quick, and over before it is hard.
    return withSession(inWords, amount, { ...laid, hardDistance: 0, hardTime: 0 }, date);
  }

  function ownRun(text: string, amount: number, date: CivilDate): DaySession {
    const session = sessionOf(text);
    const laid = session && sessionTotals(session.parts, sessionsOn(date));
    const inWords = () => namePaces(text, wishes.paces.table);
    return laid ? withSession(inWords, amount, laid, date) : run(inWords, amount, date);
  }

  function longRun(amount: number, date: CivilDate): DaySession {
    const inWords = () => longRunWords(amount, segment, words);
    const paces = sessionsOn(date);
    const base = paces.find(RACE_PACE)?.pace;
    if (!segment || base === undefined) return run(inWords, amount, date);
    const [start, end] = segment.offset;
    const at = Math.min(easyOn(date), base + (start + end) / 2);
    const [metres, seconds] = byTime
      ? [(segment.amount / at) * 1000, segment.amount]
      : [segment.amount, (segment.amount * at) / 1000];
    // On the way from slow to quick only the part that is quick enough is hard.
    const [slow, quick] = [base + Math.max(start, end), base + Math.min(start, end)];
    const limit = Math.max(paces.hardFrom, base);
    const part = slow <= limit ? 1 : quick > limit ? 0 : (limit - quick) / (slow - quick);
    const easy = easyOn(date);
    const [elsewhere, total] = byTime
      ? [((amount - segment.amount) / easy) * 1000, amount]
      : [amount - segment.amount, ((amount - segment.amount) * easy) / 1000 + seconds];
    return new Run(inWords, {
      distance: byTime ? Math.round(elsewhere + metres) : amount,
      time: Math.round(total),
      hardDistance: metres * part,
      hardTime: seconds * part,
      family: undefined,
    });
  }

  function raced(race: BlockEvent, amount: number, date: CivilDate): DaySession {
    const metres = raceMetres(race);
    // About what it takes: at the pace from which running is hard.
    const distance = byTime ? metres : amount;
    const time = byTime ? amount : Math.round((amount * sessionsOn(date).hardFrom) / 1000);
    const length = metres % 1000 === 0 ? `${metres / 1000} km` : `${metres} m`;
    const shorthand = `${length} @ effort 9 [${race.name.replace(/[[\]]/g, '')}]`;
    return { kind: 'run', shorthand, distance, time, hardDistance: distance, hardTime: time };
  }

  function crossed(kind: keyof typeof crossWords, time: number): DaySession {
    const minutes = Math.round(time / 60);
    return {
      kind: 'cross',
      shorthand: `${minutes} min ${crossWords[kind].words}`,
      distance: 0,
      time: 60 * minutes,
      hardDistance: 0,
      hardTime: 0,
    };
  }

  function strengthWork(): DaySession {
    const time = rules.week.strengthTime;
    const shorthand = `${Math.round(time / 60)} min strength`;
    return { kind: 'strength', shorthand, distance: 0, time, hardDistance: 0, hardTime: 0 };
  }
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
  return fixed ?? (key ? 'session' : 'share');
}
