import {
  addDays,
  type CivilDate,
  differenceInDays,
  type Measure,
  shownUnit,
} from '../../base/index.js';
import { dayWords } from '../../base/format/index.js';
import { rulesOf } from '../../rules/index.js';
import { sessionOf, sessionPacesOf, sessionTotals } from '../../sessions/index.js';
import type { FixedDay } from '../../spec/days/index.js';
import type { ResolvedSpec } from '../../spec/index.js';
import type { Block, Week } from '../../layout/block/index.js';
import type { UntakenCell, WrittenCell } from '../sheet/index.js';
import type { PlanCell } from './plan-cells.js';

/** Key sessions on their days. */
interface KeySessions {
  written: WrittenCell[];
  /** Days that the block would run hard, and the plan has no session for. */
  eased: WrittenCell[];
  untaken: UntakenCell[];
}

/**
 * The key sessions that a plan names by the week, each on a day that its block keeps
 * for hard running: the first on the first. What finds no day is not taken, and a plan
 * that names its sessions has no others.
 */
export function onTheirDays(
  cells: readonly PlanCell[],
  { weeks, spec }: Block,
  measure: Measure,
): KeySessions {
  const written: WrittenCell[] = [];
  const eased: WrittenCell[] = [];
  const untaken: UntakenCell[] = [];
  if (!cells.some(({ kind }) => kind === 'session')) return { written, eased, untaken };
  const usual = usualDays(weeks);
  for (const week of weeks) {
    const first = week.days[0]?.date ?? '';
    const named = cells.filter(({ kind, date }) => kind === 'session' && date === first);
    const dates = daysFor(week, usual, named.length);
    named.forEach(({ text }, place) => {
      const date = dates[place];
      if (date !== undefined) {
        written.push({
          cell: { kind: 'day', date },
          text: warmedUp(text, date, { spec, measure }),
        });
      } else {
        const problem = `“${text}”: week ${week.number} has no day for ${NTH[place] ?? 'another'} key session. Write it on its day in the Sheet.`;
        untaken.push({ cell: { kind: 'day', date: first }, text, problem });
      }
    });
    for (const { date, role } of week.days) {
      // A week that is no recovery week once all is taken has them where others have.
      const isHard = role === 'quality' || (role === 'easy' && usual.includes(placeOf(week, date)));
      if (!isHard || dates.includes(date)) continue;
      eased.push({ cell: { kind: 'day', date }, text: 'easy' });
    }
  }
  const starts = new Set(weeks.map(({ days }) => days[0]?.date));
  for (const { kind, date, text } of cells) {
    if (kind !== 'session' || starts.has(date)) continue;
    const problem = `“${text}”: the week of ${dayWords(date)} is outside the block.`;
    untaken.push({ cell: { kind: 'day', date }, text, problem });
  }
  return { written, eased, untaken };
}

/** A main set that stands alone is run in a day with warming up and cooling down; any other text stays. */
export function warmedUp(
  text: string,
  date: CivilDate,
  { spec, measure }: { spec: ResolvedSpec; measure: Measure },
): string {
  const parts = sessionOf(text)?.parts ?? [];
  const [set, ...more] = parts.filter(({ kind }) => kind !== 'words');
  if (!set || more.length > 0) return text;
  const rules = rulesOf(spec);
  const laid = sessionTotals(parts, sessionPacesOf(spec, rules, date));
  const isRun = set.kind === 'run' || set.kind === 'including';
  if (isRun && (laid.hardTime === 0 || laid.time > LONGEST_SET)) return text;
  const around = 2 * rules.sessions.warmUp[measure.basis];
  const amount = (measure.basis === 'time' ? laid.time : laid.distance) + around;
  return `${Math.ceil(amount / shownUnit(measure))} ${text}`;
}

/** Policy: a hard run that goes on longer is a day's running by itself. */
const LONGEST_SET = 45 * 60;

const NTH = ['a', 'a second', 'a third', 'a fourth'];

/** Days after the first of its week. */
function placeOf({ days }: Pick<Week, 'days'>, date: CivilDate): number {
  return differenceInDays(date, days[0]?.date ?? date);
}

/** Days after the first of a week that are most often hard, the commonest first. */
function usualDays(weeks: readonly Week[]): number[] {
  const counted = new Map<number, number>();
  for (const { days } of weeks) {
    for (const { date, role } of days) {
      if (role !== 'quality') continue;
      const at = placeOf({ days }, date);
      counted.set(at, (counted.get(at) ?? 0) + 1);
    }
  }
  return [...counted].sort(([, one], [, other]) => other - one).map(([at]) => at);
}

/** So many days of a week for its key sessions, in order: its own, then those of other weeks on which it runs. */
function daysFor({ days }: Week, usual: readonly number[], count: number): CivilDate[] {
  const own = days.filter(({ role }) => role === 'quality').map(({ date }) => date);
  const others = usual
    .map((at) => addDays(days[0]?.date ?? '', at))
    .filter((date) => days.some((day) => day.date === date && day.role === 'easy'));
  return [...new Set([...own, ...others])].slice(0, count).sort();
}

/** The days of a plan with those of its key sessions as hard ones, whatever their words count as. */
export function withHardDays(
  days: readonly FixedDay[],
  written: readonly WrittenCell[],
): FixedDay[] {
  const dates = new Set(written.map(({ cell }) => (cell.kind === 'day' ? cell.date : '')));
  return days.map((day) =>
    dates.has(day.date) && day.session !== undefined ? { ...day, role: 'quality' } : day,
  );
}
