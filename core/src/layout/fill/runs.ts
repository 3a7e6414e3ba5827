import type { BlockEvent } from '../../spec/days/index.js';
import { type CivilDate, clean, roundTo, shownUnit } from '../../base/index.js';
import {
  namePaces,
  nameParts,
  printSession,
  sessionOf,
  type SessionTotals,
  sessionTotals,
} from '../../sessions/index.js';
import type { DaySession } from '../block/day.js';
import { Run } from '../block/run.js';
import type { Context } from '../context/context.js';
import { raceDay } from './race-day.js';
import type { KeySession } from '../sessions/fill-sessions.js';
import { amountOf } from '../sessions/session-lengths.js';
import { easyWords, wordsOf } from './session-words.js';

/** Running of an amount on a date; amounts in m or s, as the block counts. */
export interface RunOf {
  amount: number;
  date: CivilDate;
}

/** Easy running, in the other quantity too. */
export function easyRun(context: Context, of: RunOf, id?: string): DaySession {
  return plainRun(context, of, () => easyWords(of.amount, wordsOf(context.spec), id));
}

/** A run counted as easy, whatever its words say. */
export function plainRun(context: Context, of: RunOf, inWords: () => string): DaySession {
  return withSession(context, of, { laid: NOTHING, inWords });
}

const NOTHING: SessionTotals = {
  distance: 0,
  time: 0,
  hardDistance: 0,
  hardTime: 0,
  unknown: [],
};

/** A key session with warming up and cooling down around it. */
export function keyRun(context: Context, of: RunOf, key: KeySession): DaySession {
  const { id, name } = key.family;
  return withSession(context, of, {
    laid: key.laid,
    inWords: () => {
      const left = Math.max(0, of.amount - amountOf(context, key.laid));
      const words = printSession({ parts: nameParts(key.parts, context.spec.paces.table) });
      return wordsAround(context, left, words);
    },
    family: { id, name, exposure: key.exposure },
  });
}

/** Easy running with strides, drills or hill sprints at its end; without, where it is too short. */
export function runWithAddOn(context: Context, of: RunOf, text: string): DaySession {
  const { spec } = context;
  const laid = totalsOf(context, text, of.date);
  const left = laid && clean(of.amount - amountOf(context, laid));
  if (!laid || !left || left <= 0) return easyRun(context, of);
  const easy = roundTo(left, smallest(context));
  return withSession(context, of, {
    // Quick, and over before it is hard.
    laid: { ...laid, hardDistance: 0, hardTime: 0 },
    inWords: () => `${easyWords(easy, wordsOf(spec))}; ${namePaces(text, spec.paces.table)}`,
  });
}

/** A session as the coach wrote it. */
export function writtenRun(context: Context, of: RunOf, text: string): DaySession {
  const laid = totalsOf(context, text, of.date);
  const inWords = () => namePaces(text, context.spec.paces.table);
  return laid ? withSession(context, of, { laid, inWords }) : plainRun(context, of, inWords);
}

/** A race on the way, or a test: warming up, the race at about what it takes, cooling down. */
export function racedRun(context: Context, { amount, date }: RunOf, race: BlockEvent): DaySession {
  const { metres, seconds } = raceDay(context, race);
  const byTime = context.spec.athlete.basis === 'time';
  // A week that does not hold all of it leaves out the easy running around it.
  const around = Math.max(0, amount - (byTime ? seconds : metres));
  const length = metres % 1000 === 0 ? `${metres / 1000} km` : `${metres} m`;
  const words = `${length} @ effort 9 [${race.name.replace(/[[\]]/g, '')}]`;
  const laid = { distance: metres, time: seconds, hardDistance: metres, hardTime: seconds };
  return withSession(
    context,
    { amount, date },
    { laid: { ...laid, unknown: [] }, inWords: () => wordsAround(context, around, words) },
  );
}

/** A run with some of it laid out as a session, and the rest easy. */
function withSession(
  { spec, easyOn }: Context,
  { amount, date }: RunOf,
  {
    laid,
    inWords,
    family,
  }: { laid: SessionTotals; inWords: () => string; family?: DaySession['family'] },
): DaySession {
  const byTime = spec.athlete.basis === 'time';
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

function totalsOf(context: Context, text: string, date: CivilDate): SessionTotals | undefined {
  const session = sessionOf(text);
  return session && sessionTotals(session.parts, context.sessionsOn(date));
}

/** Warming up and cooling down share the easy running around a session. */
function wordsAround(context: Context, left: number, session: string): string {
  const { athlete } = context.spec;
  const words = wordsOf(context.spec);
  const half = athlete.basis === 'time' ? 60 : shownUnit(athlete) / 2;
  const warmUp = Math.min(left, roundTo(left / 2, half));
  const coolDown = clean(left - warmUp);
  const least = smallest(context);
  return [
    warmUp >= least ? easyWords(warmUp, words) : '',
    session,
    coolDown >= least ? easyWords(roundTo(coolDown, least), words) : '',
  ]
    .filter(Boolean)
    .join('; ');
}

/** The least that is said of easy running: a minute, or a tenth of a kilometre or mile. */
function smallest({ spec: { athlete } }: Context): number {
  return athlete.basis === 'time' ? 60 : shownUnit(athlete) / 10;
}
