import { layOut } from '@nadir/core';
import { addDays } from '@nadir/core/base';
import { askedIn, showBlock } from '@nadir/core/present/figures';
import { showReview } from '@nadir/core/present/review';
import { asPlanned, type RunEntry } from '@nadir/core/record';
import { reviewBlock } from '@nadir/core/review';
import { rulesOf } from '@nadir/core/rules';
import { describe, expect, it } from 'vitest';
import { plannedOn, ranOf } from './sheet-ran.js';
import { sheetRows, VOLUME } from './sheet-rows.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
const block = layOut({
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 12,
  volume: { start: 50_000, peak: 80_000 },
});
const shown = showBlock(block, measure);
const [first] = block.weeks;
const days = first?.days ?? [];
const running = days.filter(({ distance }) => distance > 0);
const today = addDays(first?.start ?? '', 7);

function ran(otherwise: Record<string, Partial<RunEntry>>) {
  const entries = days.flatMap((day) => {
    const other = otherwise[day.date];
    return other ? [{ date: day.date, place: 0, kind: 'run', ...other } as const] : asPlanned(day);
  });
  const review = reviewBlock({ block, rules: rulesOf(block.spec), today, entries, mornings: [] });
  return ranOf({ review, figures: showReview(review, shown) }, plannedOn({ block, shown }));
}

describe('what was run, on the sheet', () => {
  const [one, other] = running;

  it('is not said where it is what was planned', () => {
    const { days: said, volume, longRun } = ran({});
    expect([said.size, volume.size, longRun.size]).toEqual([0, 0, 0]);
  });

  it('stands under a day, and under the week it adds up to', () => {
    const date = one?.date ?? '';
    const planned = plannedOn({ block, shown })(date);
    const said = ran({ [date]: { distance: 1000 * planned + 1500 } });
    expect(said.days.get(date)).toBe(String(planned + 1.5));
    const week = shown.weeks[0]?.volume ?? 0;
    expect(said.volume.get(1)).toBe(String(week + 1.5));
    const rows = sheetRows(block, shown, { over: new Set(), ran: said, asked: askedIn({}) });
    expect(rows[0]?.cells[VOLUME]).toMatchObject({ ran: String(week + 1.5) });
    const shownRuns = rows.flatMap(({ cells }) => cells.flatMap((each) => each?.ran ?? []));
    expect(shownRuns).toHaveLength(2);
  });

  it('says days that were missed, and other sport', () => {
    const said = ran({
      [one?.date ?? '']: { kind: 'missed', reason: 'work' },
      [other?.date ?? '']: { kind: 'pool', time: 2400 },
    });
    expect(said.days.get(one?.date ?? '')).toBe('missed');
    expect(said.days.get(other?.date ?? '')).toBe('other sport');
  });
});
