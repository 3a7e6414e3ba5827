import { describe, expect, it } from 'vitest';
import { fixesOf, layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';

/** Week 1 from Monday 14 December 2026: 8, 10, a session, 6 and a long run of 16 km. */
const week1 = (session: string, volume: number): BlockSpec => ({
  ...marathon,
  pins: [{ week: 1, volume, longRun: 16_000 }],
  days: [
    { date: '2026-12-14', role: 'rest' },
    { date: '2026-12-15', role: 'easy', amount: 8000 },
    { date: '2026-12-16', role: 'easy', amount: 10_000 },
    { date: '2026-12-17', role: 'easy', session },
    { date: '2026-12-18', role: 'rest' },
    { date: '2026-12-19', role: 'easy', amount: 6000 },
  ],
});

function fixesFor(spec: BlockSpec, asOf?: string) {
  const options = { asOf };
  const block = layOut(spec, options);
  const found = block.findings.find(({ check }) => check === 'week-under-wish');
  if (!found) throw new Error('the week does not fall short');
  return fixesOf(block, found, options).filter(({ label }) => label.startsWith('Warm up'));
}

describe('a week whose session is written without what is run around it', () => {
  it('is made whole by warming up and cooling down, half of what it lacks each', () => {
    // 8 + 10 + 5 + 6 + 16 are 45 km of 50: five are lacking, 2.5 before and 2.5 after.
    const spec = week1('5 km @ marathon', 50_000);
    const [fix] = fixesFor(spec);
    expect(fix?.label).toBe('Warm up and cool down on Thu 17 Dec: 2.5 km each');
    const days = fix?.change.days;
    expect(days?.find(({ date }) => date === '2026-12-17')?.session).toBe(
      '2.5 km easy; 5 km @ marathon; 2.5 km easy',
    );
    const mended = layOut({ ...spec, days }).weeks[0];
    expect(mended?.distance).toBe(50_000);
    expect(mended?.days[3]).toMatchObject({ role: 'quality', distance: 10_000 });
  });

  it('is not where one is written, nor where more is lacking than anyone warms up', () => {
    expect(fixesFor(week1('2 km easy; 5 km @ marathon', 50_000))).toEqual([]);
    expect(fixesFor(week1('5 km @ marathon', 55_000))).toHaveLength(1);
    expect(fixesFor(week1('5 km @ marathon', 55_100))).toEqual([]);
  });
});
