import { type CivilDate, type Measure, sum } from '../base/index.js';
import type { Block, Day, Week } from '../layout/block/index.js';
import { rulesOf } from '../rules/index.js';
import { mainParts, sessionOf } from '../sessions/index.js';
import { type FixedDay, fixedDayOf, withFixedDay } from '../spec/days/index.js';
import { easyAround } from './easy-around.js';

/** Policy: easy running before or after a session, against the least that the house rules ask for, at most. */
const MOST = 2.5;

/** The sessions of a week with what it lacks around them. */
interface AroundSessions {
  /** Their days, and m or s of easy running before and after each. */
  dates: CivilDate[];
  each: number;
  /** What is fixed of all days. */
  days: FixedDay[];
}

/**
 * Warming up and cooling down around what is written without it, by as much as a week
 * lacks: `6 x 1 km` stands on many a plan for ten kilometres. Undefined where nothing is
 * lacking, or more than anyone warms up by.
 */
export function aroundSessions(
  block: Block,
  { days, volume }: Week,
  { measure, from = '' }: { measure: Measure; from?: CivilDate | undefined },
): AroundSessions | undefined {
  const { spec } = block;
  const { basis } = spec.athlete;
  const open = days.filter((day) => day.date >= from && isOpen(block, day));
  const each = (volume - sum(days.map((day) => day[basis]))) / 2 / open.length;
  const isLacking = open.length > 0 && each > 0;
  if (!isLacking || each > MOST * rulesOf(spec).sessions.warmUp[basis]) return undefined;
  return {
    dates: open.map(({ date }) => date),
    each,
    days: open.reduce<FixedDay[]>(
      (kept, { date }) => {
        const { session = '' } = fixedDayOf(kept, date);
        return withFixedDay(kept, date, { session: easyAround(session, 2 * each, measure) });
      },
      [...spec.days],
    ),
  };
}

/** True for a session of the coach's that says nothing of what is run around it. */
function isOpen({ spec }: Block, { date, role, rule }: Day): boolean {
  const { session, amount } = fixedDayOf(spec.days, date);
  const parts = session === undefined ? undefined : sessionOf(session)?.parts;
  if (!parts || amount !== undefined || role !== 'quality' || rule !== 'own-session') return false;
  return mainParts(parts).length === parts.length;
}
