import type { Measure, Weekday } from '../../base/index.js';
import type { Block } from '../../layout/block/index.js';
import { rulesOf } from '../../rules/index.js';
import { linkPaces, sessionPacesOf } from '../../sessions/index.js';
import type { FixedWeekday } from '../../spec/days/index.js';
import type { DayEntry, ReadCell } from './day-entry.js';
import { readDay } from './read-day.js';
import { keptSession } from '../week/other-run.js';

/**
 * Reads what a weekday always holds, typed as a day is: `10`, `6 easy`, `40 min pool`,
 * a session in shorthand. Nothing frees it: undefined.
 */
export function readWeekday(
  { spec }: Block,
  weekday: Weekday,
  text: string,
  measure: Measure,
): ReadCell<FixedWeekday | undefined> {
  const { table } = spec.paces;
  const paces = sessionPacesOf(spec, rulesOf(spec), spec.start);
  const read = readDay(text, measure, { table, paces });
  if (!read.ok) return read;
  return { ok: true, entry: ruleOf(read.entry) };

  function ruleOf(entry: DayEntry): FixedWeekday | undefined {
    switch (entry.kind) {
      case 'free':
        return undefined;
      case 'role':
        return { weekday, role: entry.role };
      case 'amount':
        return { weekday, role: entry.role, amount: entry.amount, firstRun: entry.firstRun };
      case 'session':
        return { weekday, ...keptSession(entry, table) };
      case 'work':
        return { weekday, [entry.work]: entry.time ?? true };
      case 'add-on':
        return { weekday, addOn: entry.addOn };
      case 'with':
        return [entry.day, ...entry.beside]
          .map(ruleOf)
          .reduce((rule, part) => ({ ...rule, ...part, weekday }), { weekday });
      case 'cross':
        return {
          weekday,
          role: 'cross-train',
          cross: entry.cross,
          crossTime: entry.time,
          session: entry.text === undefined ? undefined : linkPaces(entry.text, table),
        };
    }
  }
}
