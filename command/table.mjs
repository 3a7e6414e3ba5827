import { unitName } from '@nadir/core/base';
import { sheetOf } from '@nadir/core/present';
import { showBlock } from '@nadir/core/present/figures';
import { lines } from './columns.mjs';

/** @typedef {import('@nadir/core/present').ToldFinding & { fixes: import('@nadir/core/edit/fixes').Fix[] }} WithFixes */

/**
 * A laid-out block as a table for a terminal; its figures add up as shown.
 *
 * @param {import('@nadir/core/layout/block').Block & { findings: WithFixes[] }} block
 */
export function table(block) {
  const measure = { ...block.spec.athlete, step: /** @type {const} */ (1) };
  const sheet = sheetOf(block, showBlock(block, measure));
  const cells = (/** @type {string} */ key) =>
    sheet.rows.find((row) => row.key === key)?.cells ?? [];
  const [volumes, longRuns] = [cells('volume'), cells('longRun')];
  const head = ['week', 'to go', 'starts', 'phase', unitName(measure), 'long', 'days', 'in it'];
  const rows = block.weeks.map((week, index) => [
    String(week.number),
    String(week.toGo),
    week.start,
    week.recovery ? 'recovery week' : week.phase,
    volumes[index] ?? '',
    longRuns[index] ?? '',
    (sheet.weeks[index]?.days ?? []).map(({ role, figure }) => short(role, figure)).join(' '),
    sheet.weeks[index]?.note ?? '',
  ]);
  const findings = block.findings.flatMap(({ level, title: what, message, waived, fixes }) => [
    `${level}${waived ? ` (waived: ${waived})` : ''}: ${what}. ${message}`,
    ...fixes.map(({ label }) => `  - ${label}`),
  ]);
  const total = `total ${sheet.total}`;
  const parts = [sheet.title, '', ...lines([head, ...rows]), '', total, '', ...sessions(sheet)];
  return `${[...parts, '', ...findings].join('\n')}\n`;
}

/** @param {string} role @param {string} figure */
function short(role, figure) {
  if (role === 'race') return 'race';
  return role === 'rest' ? '–' : figure || '0';
}

/**
 * Every day with what is done on it, week after week.
 *
 * @param {import('@nadir/core/present').Sheet} sheet
 */
function sessions({ weeks }) {
  return weeks.flatMap(({ number, days }) => {
    const rows = days.map(({ day, role, figure, sessions: held }) => [
      day,
      role,
      figure || '–',
      held.join(' + '),
    ]);
    return [`week ${number}`, ...lines(rows).map((line) => `  ${line}`)];
  });
}
