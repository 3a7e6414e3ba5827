import type { AddOn, BlockEvent } from '../../spec/days/index.js';
import { ceilTo, type CivilDate, clean, roundTo, shownUnit } from '../../base/index.js';
import {
  namePaces,
  nameParts,
  onceAsRun,
  printSession,
  sessionOf,
  type SessionTotals,
  sessionTotals,
} from '../../sessions/index.js';
import type { DaySession } from '../block/day.js';
import { Run } from '../block/run.js';
import type { Context } from '../context/context.js';
import { addedTo } from './add-on.js';
import { easyOf, type RunOf } from './run-of.js';
import { raceDay } from './race-day.js';
import { isAsWritten, type KeySession } from '../sessions/key-session.js';
import { amountOf } from '../sessions/session-lengths.js';
import { easyWords, raceWords, wordsOf } from './session-words.js';

/** Easy running, in the other quantity too. */
export function easyRun(context: Context, of: RunOf): DaySession {
  return plainRun(context, of, () => easyWords(of.amount, wordsOf(context.spec), of.pace));
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
  uphill: false,
  unknown: [],
};

/** A key session with warming up and cooling down around it, small work before it where there is room. */
export function keyRun(
  context: Context,
  of: RunOf,
  key: KeySession,
  addOn: AddOn | undefined,
): DaySession {
  const { id, name } = key.family;
  const core = amountOf(context, key.laid);
  const added = addedTo(context, of, addOn, core);
  return withSession(context, of, {
    laid: added ? together(key.laid, added.laid) : key.laid,
    inWords: () => {
      const left = Math.max(0, of.amount - core - (added?.amount ?? 0));
      // Written out by the coach it stays; made smaller until it is run once, it is a run.
      const isWritten = isAsWritten(key.family) || key.family.exposures !== undefined;
      const parts = isWritten ? key.parts : onceAsRun(key.parts);
      const words = printSession({ parts: nameParts(parts, context.spec.paces.table) });
      return wordsAround(context, left, added ? `${added.inWords()}; ${words}` : words);
    },
    family: { id, name, exposure: key.exposure },
    addOn: added?.addOn,
  });
}

function together(one: SessionTotals, other: SessionTotals): SessionTotals {
  return {
    distance: one.distance + other.distance,
    time: one.time + other.time,
    hardDistance: one.hardDistance + other.hardDistance,
    hardTime: one.hardTime + other.hardTime,
    uphill: one.uphill || other.uphill,
    unknown: one.unknown,
  };
}

/** Easy running with strides, drills or hill sprints at its end; without, where it is too short. */
export function runWithAddOn(context: Context, of: RunOf, addOn: AddOn): DaySession {
  const added = addedTo(context, of, addOn);
  if (!added) return easyRun(context, of);
  const words = wordsOf(context.spec);
  return withSession(context, of, {
    laid: added.laid,
    inWords: () => {
      const easy = roundTo(of.amount - added.amount, smallest(context));
      return `${easyWords(easy, words, of.pace)}; ${added.inWords()}`;
    },
    addOn,
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
  const words = `${raceWords(metres)} @ effort 9 [${race.name.replace(/[[\]]/g, '')}]`;
  const laid = { distance: metres, time: seconds, hardDistance: metres, hardTime: seconds };
  return withSession(
    context,
    { amount, date },
    {
      laid: { ...laid, uphill: false, unknown: [] },
      inWords: () => wordsAround(context, around, words),
    },
  );
}

/** A run with some of it laid out as a session, and the rest easy. */
function withSession(
  context: Context,
  of: RunOf,
  {
    laid,
    inWords,
    family,
    addOn,
  }: Pick<DaySession, 'family' | 'addOn'> & { laid: SessionTotals; inWords: () => string },
): DaySession {
  const { amount } = of;
  const byTime = context.spec.athlete.basis === 'time';
  const easy = easyOf(context, of);
  const left = Math.max(0, amount - (byTime ? laid.time : laid.distance));
  return new Run(inWords, {
    distance: byTime ? Math.round(laid.distance + (left / easy) * 1000) : amount,
    time: byTime ? amount : Math.round(laid.time + (left * easy) / 1000),
    hardDistance: laid.hardDistance,
    hardTime: laid.hardTime,
    uphill: laid.uphill,
    family,
    addOn,
  });
}

function totalsOf(context: Context, text: string, date: CivilDate): SessionTotals | undefined {
  const session = sessionOf(text);
  return session && sessionTotals(session.parts, context.sessionsOn(date));
}

/** Warming up and cooling down share the easy running around a session. */
function wordsAround(context: Context, left: number, session: string): string {
  const words = wordsOf(context.spec);
  const warmUp = warmUpOf(context, left);
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

/**
 * Half of it, to half a unit or a minute. Where one of the two would be short of the least
 * that warms up, they are alike; where they hold no more than that, warming up comes first.
 */
function warmUpOf(context: Context, left: number): number {
  const { athlete } = context.spec;
  const half = athlete.basis === 'time' ? 60 : shownUnit(athlete) / 2;
  const least = context.rules.sessions.warmUp[athlete.basis];
  const rounded = roundTo(left / 2, half);
  if (left >= 2 * least) {
    const isShort = Math.min(rounded, left - rounded) < least;
    return isShort ? ceilTo(left / 2, smallest(context)) : rounded;
  }
  const isShort = rounded < least && rounded < left / 2 && left >= ROOM_TO_WARM_UP * least;
  return Math.min(left, isShort ? rounded + half : rounded);
}

/** Policy: so many times the least that warms up leaves some of it to cool down. */
const ROOM_TO_WARM_UP = 1.5;

/** The least that is said of easy running: a minute, or a tenth of a kilometre or mile. */
function smallest({ spec: { athlete } }: Context): number {
  return athlete.basis === 'time' ? 60 : shownUnit(athlete) / 10;
}
