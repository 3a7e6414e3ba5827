import { capital, dateWords, formatWithUnit } from '../../base/format/index.js';
import {
  cycleLengths,
  type FixedDay,
  isRun,
  leavesRoom,
  type PatternDay,
} from '../../spec/days/index.js';
import { addDays, startOfWeek } from '../../base/index.js';
import { type Issue, issue, type ResolvedSpec } from '../../spec/index.js';
import { readSession } from '../../sessions/index.js';
import { issuesOfFamilies, textsOf } from '../../sessions/library/index.js';

/** Beyond these a day is a slip of the hand. Metres or seconds. */
const MOST_RUN = { distance: 100_000, time: 36_000 } as const;

/** Fixed days, patterns and sessions that cannot be laid out. */
export function validateDays(spec: ResolvedSpec): Issue[] {
  return [
    ...validateFixed(spec),
    ...validateLongRuns(spec),
    ...validatePattern(['week', 'days'], spec.week.days),
    ...(spec.week.byPhase ?? []).flatMap(({ days }, index) =>
      validatePattern(['week', 'byPhase', index, 'days'], days),
    ),
    ...spec.sessions.flatMap(({ family }, index) =>
      textsOf(family).flatMap(({ path, text }) =>
        validateText(['sessions', index, 'family', ...path], text, family.name),
      ),
    ),
    ...issuesOfFamilies(spec.families ?? []).map((each) => ({
      ...each,
      path: ['families', ...each.path],
    })),
    ...validateRotations(spec),
    ...validateWeekdays(spec),
  ];
}

function validateRotations({ families = [], rotations = [] }: ResolvedSpec): Issue[] {
  const known = new Set(families.map(({ id }) => id));
  return rotations.flatMap(({ turn }, index) => {
    const lost = turn.find((id) => id !== null && !known.has(id));
    if (lost === undefined) return [];
    const message = `No progression of the block has the id ${String(lost)}. Add it to “families”, or leave it out.`;
    return [issue('unknown-family', ['rotations', index, 'turn'], message)];
  });
}

function validateWeekdays({ athlete, week: { fixed = [] } }: ResolvedSpec): Issue[] {
  const most = MOST_RUN[athlete.basis];
  return fixed.flatMap((rule, index) => {
    const { weekday, amount, session, role } = rule;
    const on = capital(weekday);
    const at = (field: string) => ['week', 'fixed', index, field];
    const found = session === undefined ? [] : validateText(at('session'), session, on);
    if ((amount ?? 0) > most) {
      found.push(issue('amount-out-of-range', at('amount'), beyond(athlete, amount ?? 0, on)));
    }
    found.push(
      ...validateSplit(rule, at('firstRun'), on),
      ...validateOther(rule, at('otherRun'), on),
    );
    if (role === 'long') {
      const message = 'Which weekday the long run is on is an answer of its own.';
      found.push(issue('long-run-weekday', at('role'), message));
    }
    return found;
  });
}

/** Two runs share an amount; a session is written as one. */
function validateSplit(
  { amount = 0, firstRun, session }: Pick<FixedDay, 'amount' | 'firstRun' | 'session'>,
  path: (string | number)[],
  on: string,
): Issue[] {
  if (firstRun === undefined || (firstRun < amount && session === undefined)) return [];
  const message =
    session === undefined
      ? `The first run of ${on} is not shorter than the day. Leave something for the second.`
      : `${on} has a session and two runs. Write the one or the other.`;
  return [issue('first-run', path, message)];
}

/** A run beside a session needs the session, a length or words of its own, and a day that leaves room for both. */
function validateOther(
  day: Omit<FixedDay, 'date'>,
  path: (string | number)[],
  on: string,
): Issue[] {
  const { otherRun: other, session, amount } = day;
  if (!other) return [];
  const found = other.session === undefined ? [] : validateText(path, other.session, on);
  const refuse = (message: string) => [...found, issue('other-run', path, message)];
  if (session === undefined) {
    return refuse(
      `${on} has another run beside a session, and no session. Write the session, or the day’s length alone.`,
    );
  }
  if (other.amount === undefined && other.session === undefined) {
    return refuse(`The other run of ${on} has no length. Write its length, or a session.`);
  }
  if (amount !== undefined && other.amount === undefined) {
    return refuse(
      `${on} has a length for both its sessions, and none for the second. Give the second a length too, or leave the day’s out.`,
    );
  }
  if (leavesRoom(day)) return found;
  return refuse(
    `The other run of ${on} is not shorter than the day. Leave something for the session.`,
  );
}

function beyond(athlete: ResolvedSpec['athlete'], amount: number, on: string): string {
  const say = (value: number) => formatWithUnit(value, { ...athlete, step: 1 });
  return `${say(amount)} on ${on} is beyond anyone; ${say(MOST_RUN[athlete.basis])} is the most.`;
}

function validateFixed({ athlete, days, start, race }: ResolvedSpec): Issue[] {
  const seen = new Set<string>();
  const most = MOST_RUN[athlete.basis];
  return days.flatMap((day, index) => {
    const { date, amount, session } = day;
    const at = (field: string) => ['days', index, field];
    const found: Issue[] = [];
    // The week of the race is whole, its last days after the race included.
    if (date < start || date > addDays(race.date, 6)) {
      const message = `${dateWords(date)} is outside the block of ${dateWords(start)} to ${dateWords(race.date)}. Leave the day out.`;
      found.push(issue('day-outside-block', at('date'), message));
    }
    if (seen.has(date)) {
      found.push(
        issue('day-twice', at('date'), `${dateWords(date)} is fixed twice. Keep one of the two.`),
      );
    }
    seen.add(date);
    if ((amount ?? 0) > most) {
      const message = beyond(athlete, amount ?? 0, dateWords(date));
      found.push(issue('amount-out-of-range', at('amount'), message));
    }
    found.push(...validateSplit(day, at('firstRun'), dateWords(date)));
    found.push(...validateOther(day, at('otherRun'), dateWords(date)));
    if (session !== undefined) found.push(...validateText(at('session'), session, dateWords(date)));
    return found;
  });
}

/** One long run a week: a second one fixed in it cannot be laid. */
function validateLongRuns({ days, weekStartsOn }: ResolvedSpec): Issue[] {
  const taken = new Map<string, string>();
  return days.flatMap(({ date, role }, index) => {
    if (role !== 'long') return [];
    const week = startOfWeek(date, weekStartsOn);
    const other = taken.get(week);
    taken.set(week, date);
    if (other === undefined) return [];
    const message = `The week of ${dateWords(week)} has long runs on ${dateWords(other)} and on ${dateWords(date)}. Make one of them semi-long.`;
    return [issue('two-long-runs', ['days', index, 'role'], message)];
  });
}

function validatePattern(path: (string | number)[], days: readonly PatternDay[] | undefined) {
  if (!days) return [];
  const found: Issue[] = [];
  if (!cycleLengths.some((length) => length === days.length)) {
    const message = `${days.length} days are no cycle; it has ${cycleLengths.join(', ')}.`;
    found.push(issue('cycle-length', path, message));
  }
  if (!days.some(({ role }) => isRun(role))) {
    found.push(issue('no-run-day', path, 'No day of the pattern is run. Give one a role.'));
  }
  // Two in a week cannot both be the long run; a fortnight has room for two.
  const long = days.flatMap(({ role }, index) => (role === 'long' ? [index] : []));
  const close = long.some((at, index) => index > 0 && at - (long[index - 1] ?? at) < 7);
  if (close) {
    const message = 'Two long runs within seven days. Make one of them semi-long.';
    found.push(issue('two-long-runs', path, message));
  }
  return found;
}

function validateText(path: (string | number)[], text: string, of: string): Issue[] {
  const read = readSession(text);
  if (read.ok) return [];
  return [issue('session-unreadable', path, `The session of ${of}: ${read.problem.message}`)];
}
