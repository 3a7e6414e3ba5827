import { describe, expect, it } from 'vitest';
import { addDays } from '../../base/index.js';
import { fixesOf, layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import type { FixedDay } from '../../spec/days/index.js';
import { marathon } from '../../testing/examples.js';

const ofWeek = (monday: string, session: string, saturday: FixedDay | undefined): FixedDay[] => [
  { date: monday, role: 'rest' },
  { date: addDays(monday, 1), role: 'easy', amount: 8000 },
  { date: addDays(monday, 2), role: 'easy', amount: 10_000 },
  { date: addDays(monday, 3), role: 'easy', session },
  { date: addDays(monday, 4), role: 'rest' },
  saturday ?? { date: addDays(monday, 5), role: 'easy', amount: 6000 },
];

/** Week 1 from Monday 14 December 2026: 8, 10, a session, 6 and a long run of 16 km. */
const week1 = (session: string, volume: number): BlockSpec => ({
  ...marathon,
  pins: [{ week: 1, volume, longRun: 16_000 }],
  days: ofWeek('2026-12-14', session, undefined),
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

describe('weeks that are mended one after the other', () => {
  const mondays = ['2026-12-14', '2026-12-21', '2026-12-28', '2027-01-04'];
  const asked = (
    sessions: readonly string[],
    saturdays: readonly (FixedDay | undefined)[] = [],
  ) => ({
    ...marathon,
    pins: mondays.map((_, index) => ({ week: index + 1, volume: 50_000, longRun: 16_000 })),
    days: mondays.flatMap((monday, index) =>
      ofWeek(monday, sessions[index] ?? '', saturdays[index]),
    ),
  });
  const bare = '5 km @ marathon';

  it('are mended alike, though one of them has a shorter way', () => {
    // A progression the day before the long run is a hard day beside another: freeing it mends both.
    const date = '2026-12-26';
    const saturday: FixedDay = { date, role: 'easy', session: '6 km @ easy to marathon' };
    const [fix] = fixesFor(asked([bare, bare, bare, bare], [undefined, saturday]));
    expect(fix?.label).toBe(
      'Warm up and cool down on Thu 17 Dec: 2.5 km each; the other 3 likewise',
    );
    expect(fix?.change.days?.find((day) => day.date === date)?.session).toContain('to marathon');
  });

  it('say what is done where it is done otherwise', () => {
    const whole = `2 km easy; ${bare}; 1 km easy`;
    const [fix] = fixesFor(asked([bare, whole, bare, bare]));
    expect(fix?.label).toBe(
      'Warm up and cool down on Thu 17 Dec: 2.5 km each; the other 2 likewise; Reset Tue 22 Dec',
    );
  });
});
