import { unitName } from '@nadir/core/base';
import { dayWords, formatRaceDistance, formatSteps } from '@nadir/core/base/format';
import { paceWords } from '@nadir/core/layout';
import { saySegment, showBlock } from '@nadir/core/present';
import { dayRoleWords } from '@nadir/core/spec/days';
import { lines } from './columns.mjs';

/** @typedef {import('@nadir/core/present').ToldFinding & { fixes: import('@nadir/core/edit/fixes').Fix[] }} WithFixes */

/**
 * A laid-out block as a table for a terminal; its figures add up as shown.
 *
 * @param {import('@nadir/core/layout').Block & { findings: WithFixes[] }} block
 */
export function table(block) {
  const { athlete, race } = block.spec;
  const measure = { ...athlete, step: /** @type {const} */ (1) };
  const shown = showBlock(block, measure);
  const say = (/** @type {number} */ steps) => formatSteps(steps, measure);
  const head = ['week', 'to go', 'starts', 'phase', unitName(measure), 'long', 'days', 'in it'];
  const rows = block.weeks.map((week, index) => {
    const figures = shown.weeks[index];
    const days = week.days.map((day, place) =>
      day.role === 'race' ? 'race' : day.role === 'rest' ? '–' : say(figures?.days[place] ?? 0),
    );
    return [
      String(week.number),
      String(week.toGo),
      week.start,
      week.recovery ? 'recovery week' : week.phase,
      say(figures?.volume ?? 0),
      week.toGo === 0 ? 'race' : say(figures?.longRun ?? 0),
      days.join(' '),
      notes(week, shown),
    ];
  });
  const title = [athlete.name, race.name, race.date].filter(Boolean).join(' · ');
  const total = `total ${say(shown.total)} ${unitName(measure)} + ${formatRaceDistance(race.distance, athlete.unit)}`;
  const findings = block.findings.flatMap(({ level, title: what, message, waived, fixes }) => [
    `${level}${waived ? ` (waived: ${waived})` : ''}: ${what}. ${message}`,
    ...fixes.map(({ label }) => `  - ${label}`),
  ]);
  const table = lines([head, ...rows]);
  return `${[title, '', ...table, '', total, '', ...sessions(block, shown), '', ...findings].join('\n')}\n`;
}

/**
 * Every day with what is done on it, week after week.
 *
 * @param {import('@nadir/core').CheckedBlock} block
 * @param {import('@nadir/core/present').ShownBlock} shown
 */
function sessions({ weeks }, shown) {
  return weeks.flatMap(({ number, days }, index) => {
    const figures = shown.weeks[index]?.days ?? [];
    const rows = days.map(({ date, role, sessions: held }, place) => [
      dayWords(date),
      dayRoleWords[role],
      (figures[place] ?? 0) > 0 ? formatSteps(figures[place] ?? 0, shown.measure) : '–',
      held.map(({ shorthand }) => shorthand).join(' + '),
    ]);
    return [`week ${number}`, ...lines(rows).map((line) => `  ${line}`)];
  });
}

/**
 * What else a week holds: races and days on the way, and what its long run carries.
 *
 * @param {import('@nadir/core/layout').Week} week
 * @param {import('@nadir/core/present').ShownBlock} shown
 */
function notes({ number, events, segment }, shown) {
  const carried = segment ? [`${saySegment(shown, number)} @ ${paceWords(segment)}`] : [];
  return [...events.map(({ name }) => name), ...carried].join('; ');
}
