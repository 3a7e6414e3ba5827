import { layOut } from '@nadir/core';
import { askedIn, showBlock } from '@nadir/core/present/figures';
import { describe, expect, it } from 'vitest';
import { fixedAt, foundAt, standing } from './found-at.js';
import { LONG_RUN, sheetRows, VOLUME } from './sheet-rows.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;
const beside = {
  over: new Set<string>(),
  ran: { days: new Map(), volume: new Map(), longRun: new Map() },
  asked: askedIn({}),
};
// A steep week, a long run that is too much of its week, 20 km on the eve.
const block = layOut({
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 12,
  volume: { start: 50_000, peak: 80_000 },
  pins: [
    { week: 3, volume: 75_000 },
    { week: 5, longRun: 36_000 },
  ],
  days: [{ date: '2027-04-17', amount: 20_000 }],
});
const rows = sheetRows(block, showBlock(block, measure), beside);

describe('what the checks found, on the sheet', () => {
  it('stands at the figure or the day that it is about', () => {
    expect(rows[2]?.cells[VOLUME]?.found?.check).toBe('growth-over-cap');
    expect(rows[4]?.cells[LONG_RUN]?.found?.check).toMatch(/^long-run-/);
    expect(rows[11]?.cells[5]?.found?.check).toBe('hard-effort-near-race');
    expect(rows[11]?.cells[4]?.found).toBeUndefined();
    expect(rows[0]?.cells[VOLUME]?.found).toBeUndefined();
  });

  it('is not said of what is over, nor where it is waived', () => {
    const over = new Set(
      block.weeks.slice(0, 3).flatMap(({ days }) => days.map((day) => day.date)),
    );
    const lived = sheetRows(block, showBlock(block, measure), { ...beside, over });
    expect([lived[2]?.cells[VOLUME]?.found, lived[2]?.worst]).toEqual([undefined, undefined]);
    const [first] = standing(block);
    const waived = { ...block, findings: [{ ...first, waived: 'as agreed' }] } as typeof block;
    expect(standing(waived)).toEqual([]);
  });

  it('is fixed from the first week to come, one in a row, the worst first', () => {
    const found = standing(block);
    const [worst] = found;
    if (!worst) throw new Error('nothing found');
    const other = { ...worst, check: 'monotony' as const, weeks: [2, 3, 6] };
    const at = fixedAt([{ ...worst, weeks: [3] }, other], (week) => week < 3);
    expect([...at].map(([week, { check }]) => [week, check])).toEqual([[3, worst.check]]);
    expect([...fixedAt([other], (week) => week < 4).keys()]).toEqual([6]);
    expect(fixedAt([other], () => true).size).toBe(0);
    expect(foundAt(found, { kind: 'day', date: '2027-04-16' })).toBeUndefined();
  });
});
