import type { CivilDate } from '../../base/index.js';
import type { Block } from '../../layout/block/index.js';
import { rulesOf } from '../../rules/index.js';
import { sessionOf, sessionPacesOf, sessionTotals } from '../../sessions/index.js';
import type { FixedDay } from '../../spec/days/index.js';

/**
 * The days of a plan, of which those on `written` hold what the coach wrote. Where it
 * names its sessions, a figure alone is easy running: no other session is put into it.
 */
export function withEasyFigures(
  days: readonly FixedDay[],
  written: ReadonlySet<CivilDate>,
  { spec }: Block,
): FixedDay[] {
  const rules = rulesOf(spec);
  const isHard = ({ date, session }: FixedDay) => {
    const parts = session === undefined ? [] : (sessionOf(session)?.parts ?? []);
    return sessionTotals(parts, sessionPacesOf(spec, rules, date)).hardTime > 0;
  };
  if (!days.some((day) => written.has(day.date) && isHard(day))) return [...days];
  return days.map((day) =>
    written.has(day.date) && day.role === 'quality' && day.session === undefined
      ? { ...day, role: 'easy' }
      : day,
  );
}
