import { type CivilDate, weekdayOf } from '../../base/index.js';
import type { Block } from '../../layout/block/index.js';
import { rulesOf } from '../../rules/index.js';
import { sessionOf, sessionPacesOf, sessionTotals } from '../../sessions/index.js';
import { type FixedDay, isRun, withFixedDay } from '../../spec/days/index.js';

/**
 * The days of a plan, of which those on `written` hold what the coach wrote. Where it
 * names its sessions, a figure alone is easy running, and so is an open day: no other
 * session is put into it.
 */
export function withEasyFigures(
  days: readonly FixedDay[],
  { written, open }: { written: ReadonlySet<CivilDate>; open: ReadonlySet<CivilDate> },
  { spec, weeks }: Block,
): FixedDay[] {
  const rules = rulesOf(spec);
  const isHard = ({ date, session }: FixedDay) => {
    const parts = session === undefined ? [] : (sessionOf(session)?.parts ?? []);
    return sessionTotals(parts, sessionPacesOf(spec, rules, date)).hardTime > 0;
  };
  if (!days.some((day) => written.has(day.date) && isHard(day))) return [...days];
  // A week that is no recovery week once all is taken has them where others have.
  const laid = weeks.flatMap((week) => week.days);
  const hard = new Set(
    laid.filter(({ role }) => role === 'quality').map(({ date }) => weekdayOf(date)),
  );
  const eased = laid.filter(
    ({ date, role }) => open.has(date) && isRun(role) && hard.has(weekdayOf(date)),
  );
  const all = eased.reduce(
    (kept, { date }) => withFixedDay(kept, date, { role: 'easy' }),
    [...days],
  );
  return all.map((day) =>
    written.has(day.date) && day.role === 'quality' && day.session === undefined
      ? { ...day, role: 'easy' }
      : day,
  );
}
