import { describe, expect, it } from 'vitest';
import { layOut } from '../lay-out.js';

describe('weeks after one that its runs held down', () => {
  it('climb from what was run, where a cap is counted over several weeks', () => {
    const { weeks, findings } = layOut({
      athlete: { unit: 'mi', birthYear: 1968, recentWeeks: [36_000, 36_000, 34_200, 36_000] },
      race: { name: 'Pier 3000', date: '2027-06-09', distance: 3000 },
      weeks: 16,
      weekStartsOn: 'sunday',
      volume: {
        growth: { school: 'alternating' },
        recovery: { every: 5, reEntry: 'one-step-above' },
      },
      longRun: { ladder: 'straight', segment: 'progression' },
      phases: { layout: 'long-aerobic-first' },
      taper: { school: 'even-trim' },
      week: { runDays: 3 },
    });
    const miles = weeks.slice(5, 9).map(({ volume }) => Math.round(volume / 1609.344));
    // Week 7 was to be 28 miles: two runs and 11 miles hold 27. A tenth over them is 29.7.
    expect(miles).toEqual([25, 27, 27, 29]);
    expect(findings.map(({ check }) => check)).not.toContain('growth-over-cap');
  });
});
