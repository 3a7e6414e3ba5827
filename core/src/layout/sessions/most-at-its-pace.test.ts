import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';

/** Key sessions of a phase, without warming up and cooling down, the first and the second of every week. */
function sessionsOf(phase: string, race: number, weekly: number, [distance, time]: number[]) {
  const { weeks } = layOut({
    athlete: {
      recentWeeks: [weekly, weekly, weekly, weekly],
      results: [{ date: '2027-01-20', distance: distance ?? 0, time: time ?? 0 }],
    },
    race: { name: 'Breakwater Track Night', date: '2027-06-06', distance: race },
    weeks: 14,
    week: { runDays: 6 },
  });
  const building = weeks.filter((week) => week.phase === phase && week.kind === 'building');
  return building.map(({ days }) => {
    const first = days.find(({ role }) => role === 'quality');
    const run = first?.sessions.find(({ family }) => family !== undefined);
    return { text: (run?.shorthand ?? '').split('; ').slice(1, -1).join('; '), ...run };
  });
}

const textsOf = (...of: Parameters<typeof sessionsOf>) => sessionsOf(...of).map(({ text }) => text);

describe('a session at the pace of a short race', () => {
  it('is two and a half times the race at most, however much is run a week', () => {
    for (const race of [800, 1500, 1609.344]) {
      for (const weekly of [60_000, 100_000, 150_000]) {
        const all = ['speed', 'specific'].flatMap((phase) =>
          sessionsOf(phase, race, weekly, [800, 118]),
        );
        const most = Math.max(...all.map(({ hardDistance = 0 }) => hardDistance));
        expect(most, `${race} m, ${weekly} m a week`).toBeLessThanOrEqual(2.5 * race);
        // And no less than one and a half times: a session, not a touch.
        expect(most).toBeGreaterThanOrEqual(1.5 * race);
      }
    }
  });

  it('hand-worked: 2000 m before 800 m at 83 km a week, where 5% would be 4150', () => {
    // 85% of 2000 m are four times two; then five.
    expect(textsOf('speed', 800, 80_000, [800, 108])).toEqual([
      '2 x (4 x 200 m @ race pace, 200 m jog), 5 min jog',
      '2 x (5 x 200 m @ race pace, 200 m jog), 5 min jog',
    ]);
  });

  it('grows longer as the race comes near: to half of 800 m, two fifths of 1500, a third of 3000', () => {
    expect(textsOf('specific', 800, 80_000, [800, 108])).toEqual([
      '6 x 300 m @ race pace, 4 min walk',
      '5 x 400 m @ race pace, 4 min walk',
      '5 x 400 m @ race pace, 4 min walk',
      '5 x 400 m @ race pace, 4 min walk',
    ]);
    // 2.5 times 1500 m are 3750: 85% of it are eight times 400, and the same sum in longer pieces.
    expect(textsOf('specific', 1500, 70_000, [1500, 240])).toEqual([
      '8 x 400 m @ race pace, 2 min jog',
      '6 x 500 m @ race pace, 2 min jog',
      '5 x 600 m @ race pace, 2 min jog',
      '5 x 600 m @ race pace, 2 min jog',
    ]);
  });

  it('is one of intervals where the race lasts seven minutes: 8% of the week, not 5', () => {
    // 3000 m in 9:20. The two hundreds before hold 2.8 km, and five times 600 come nearest; 5% of
    // 63 km would be 3.15 km, and 85% of that, to grow from, four times 600.
    const texts = textsOf('specific', 3000, 60_000, [3000, 560]);
    expect(texts).toEqual([
      '5 x 600 m @ race pace, 2 min jog',
      '4 x 800 m @ race pace, 2 min jog',
      '3 x 1000 m @ race pace, 2 min jog',
      '3 x 1000 m @ race pace, 2 min jog',
    ]);
  });
});
