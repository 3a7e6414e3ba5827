import { sum } from '../../base/index.js';
import { dayWords } from '../../base/format/index.js';
import type { Day } from '../../layout/block/index.js';
import { mainParts, sessionOf } from '../../sessions/index.js';
import { fixedDayOf, withFixedDay } from '../../spec/days/index.js';
import { easyAround } from '../easy-around.js';
import { say } from './by-week.js';
import type { Fix, FixContext } from './fix.js';

/** Policy: easy running before or after a session, against the least that the house rules ask for, at most. */
const MOST = 2.5;

/**
 * Warms up and cools down around what is written without it, by as much as a week lacks:
 * `6 x 1 km` stands on many a plan for ten kilometres.
 */
export function aroundSessions(context: FixContext, number: number): Fix[] {
  const { block, rules, today } = context;
  const { basis } = block.spec.athlete;
  const week = block.weeks[number - 1];
  if (!week) return [];
  const open = week.days.filter((day) => isOpen(context, day) && day.date >= (today ?? ''));
  const missing = week.volume - sum(week.days.map((day) => day[basis]));
  const each = missing / 2 / open.length;
  if (open.length === 0 || each > MOST * rules.sessions.warmUp[basis]) return [];
  const measure = { ...context.shown, basis };
  const days = open.reduce((kept, { date }) => {
    const { session = '' } = fixedDayOf(kept, date);
    return withFixedDay(kept, date, { session: easyAround(session, 2 * each, measure) });
  }, block.spec.days);
  const dates = open.map(({ date }) => dayWords(date)).join(', ');
  return [
    { label: `Warm up and cool down on ${dates}: ${say(context, each)} each`, change: { days } },
  ];
}

/** True for a session of the coach's that says nothing of what is run around it. */
function isOpen({ block: { spec } }: FixContext, { date, role, rule }: Day): boolean {
  const { session, amount } = fixedDayOf(spec.days, date);
  const parts = session === undefined ? undefined : sessionOf(session)?.parts;
  if (!parts || amount !== undefined || role !== 'quality' || rule !== 'own-session') return false;
  return mainParts(parts).length === parts.length;
}
