import { describe, expect, it } from 'vitest';
import { type Measure, units } from '../../base/index.js';
import { anySpec } from '../../testing/any-spec.js';
import { marathon } from '../../testing/examples.js';
import { holdFor } from '../../testing/hold-for.js';
import { laidOut } from '../../testing/laid-out.js';
import { showBlock } from '../figures/show.js';
import { sheetOf } from './sheet.js';
import fc from 'fast-check';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };
const sheetIn = (measure: Measure, spec = marathon) => {
  const block = laidOut(spec);
  return sheetOf(block, showBlock(block, measure));
};

describe('the sheet of a block', () => {
  it('has a row a figure and a cell a week, hand-worked for 18 weeks from 55 to 92 km', () => {
    const { title, rows, weeks } = sheetIn(km);
    const cells = (key: string) => rows.find((row) => row.key === key)?.cells;
    expect(title).toBe('Idris Vale · Lantern Bay Marathon · Sun 18 Apr 2027');
    expect(cells('start')?.slice(0, 4)).toEqual(['14 Dec', '21', '28', '4 Jan']);
    expect(cells('volume')?.slice(0, 4)).toEqual(['55', '58', '61', '46']);
    // 46 of 61 is −25%.
    expect(cells('change')?.slice(0, 4)).toEqual(['', '+5%', '+5%', '−25%']);
    // 55 and 58 km on six days are 9.2 and 9.7 a day.
    expect(cells('dailyMean')?.slice(0, 2)).toEqual(['9.2', '9.7']);
    expect(cells('longRun')?.at(-1)).toBe('race');
    expect(rows.find(({ key }) => key === 'volume')?.label).toBe('Volume, km');
    expect(weeks[0]?.days.map(({ role }) => role)).toContain('long run');
  });

  it('has what long runs hold at pace, laid or written', () => {
    const date = '2027-02-21';
    const session = '26 km easy, last 11 km @ marathon';
    const segments = (spec: typeof marathon) =>
      sheetIn(km, spec).rows.find(({ key }) => key === 'segment');
    const written = { ...marathon, days: [{ date, session }] };
    expect(segments(marathon)).toBeUndefined();
    expect(segments(written)).toMatchObject({ label: 'At pace' });
    expect(segments(written)?.cells.map(String).filter(Boolean)).toEqual(['11']);
    const longRun = { ...marathon.longRun, segment: 'race-pace-finish' } as const;
    const both = segments({ ...written, longRun });
    expect(both?.label).toBe('Race-pace finish');
    expect(both?.cells[9]).toBe('11');
    expect(both?.cells[14]).toBe('16');
  });

  it('leaves a day without running empty, and notes what else a week holds', () => {
    const event = {
      kind: 'camp',
      name: 'Ostrel camp',
      from: '2027-01-11',
      to: '2027-01-17',
    } as const;
    const { weeks } = sheetIn(km, { ...marathon, events: [event] });
    expect(weeks[0]?.days.find(({ role }) => role === 'rest')?.figure).toBe('');
    expect(weeks[4]?.note).toBe('Ostrel camp');
  });

  it('adds up in every unit: days to the week, weeks to the total', () => {
    holdFor(
      fc.property(anySpec, fc.constantFrom(...units), (spec, unit) => {
        const basis = spec.athlete?.basis ?? 'distance';
        const { rows, weeks, total } = sheetIn({ basis, unit, step: 1 }, spec);
        const volumes = (rows.find(({ key }) => key === 'volume')?.cells ?? []).map(Number);
        weeks.forEach(({ days }, index) => {
          const sum = days.reduce((all, { figure }) => all + Number(figure || 0), 0);
          expect(sum).toBe(volumes[index]);
        });
        expect(total).toMatch(new RegExp(`^${volumes.reduce((all, each) => all + each, 0)} `));
      }),
    );
  });
});
