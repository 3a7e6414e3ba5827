import { describe, expect, it } from 'vitest';
import { marathon } from '../../testing/examples.js';
import { proposed } from '../../testing/proposed.js';

const labels = (fixes: Readonly<Record<string, unknown>>) => Object.keys(fixes);

describe('proposed on sessions and the week', () => {
  it('runs the quality days easy, the last first', () => {
    const fixes = proposed('race-rep-too-long', { weeks: [10] });
    expect(fixes).toEqual({
      'Run easy on Fri 19 Feb': { days: [{ date: '2027-02-19', role: 'easy' }] },
      'Run easy on Tue 16 Feb': { days: [{ date: '2027-02-16', role: 'easy' }] },
    });
    expect(labels(fixes)).toEqual(['Run easy on Fri 19 Feb', 'Run easy on Tue 16 Feb']);
  });

  it('resets the days of its weeks that hold what is found, and nothing else of them', () => {
    // Week 2: 21 to 27 December; the Thursday holds no length, the Monday after is week 3.
    const days = [
      { date: '2026-12-22', amount: 2000, strength: true as const },
      { date: '2026-12-24', strength: true as const },
      { date: '2026-12-28', amount: 2000 },
    ];
    expect(proposed('run-too-short', { weeks: [2] }, { days })).toEqual({
      'Reset Tue 22 Dec': { days: [{ date: '2026-12-22', strength: true }, ...days.slice(1)] },
    });
    expect(proposed('run-too-short', { weeks: [40] }, { days })).toEqual({});
  });

  it('swaps days of one or two weeks, and of three none', () => {
    const swaps = (weeks: number[]) =>
      labels(proposed('hard-days-adjacent', { weeks })).filter((each) => each.startsWith('Swap'));
    expect(swaps([2]).length).toBeGreaterThan(0);
    expect(swaps([2, 3]).length).toBeGreaterThan(swaps([2]).length);
    expect(swaps([2, 3, 5])).toEqual([]);
  });

  it('treats two days in a row as a pair, beside the pairs there are', () => {
    const pair = (dates: string[], pairs?: 'monday'[]) =>
      proposed(
        'hard-days-adjacent',
        { weeks: [2], dates },
        { week: { ...marathon.week, ...(pairs && { pairs }) } },
      )['Treat Tuesday and Wednesday as a pair']?.week?.pairs;
    expect(pair(['2026-12-22', '2026-12-23'])).toEqual(['tuesday']);
    expect(pair(['2026-12-22', '2026-12-23'], ['monday'])).toEqual(['monday', 'tuesday']);
    expect(pair(['2026-12-22', '2026-12-24'])).toBeUndefined();
    expect(pair([])).toBeUndefined();
  });

  it('asks for as many run days as there are, two at least', () => {
    expect(proposed('fewer-run-days', { value: 4 })['Ask for 4 run days']?.week?.runDays).toBe(4);
    expect(proposed('fewer-run-days', { value: 1 })['Ask for 2 run days']?.week?.runDays).toBe(2);
  });

  it('asks for the days as they are laid out', () => {
    const week = { ...marathon.week, longRunOn: 'saturday', qualityOn: ['tuesday'] } as const;
    const athlete = { ...marathon.athlete, unavailable: ['saturday' as const] };
    const fixes = proposed(
      'hard-day-away',
      {},
      { athlete, week: { ...week, qualityOn: ['tuesday'] } },
    );
    const { 'Ask for the days as they are laid out': change } = fixes;
    expect(change?.week?.longRunOn).not.toBe('saturday');
    expect(change?.week?.qualityOn).toEqual(['tuesday']);
  });

  it('rests on another weekday, none that is hard or rested on already', () => {
    const week = { ...marathon.week, runDays: 5, restOn: ['thursday', 'monday'] as const };
    const fixes = proposed('rest-before-hard', {}, { week: { ...week, restOn: [...week.restOn] } });
    expect(labels(fixes)).toEqual(['Rest on Wednesdays', 'Rest on Thursdays', 'Rest on Saturdays']);
    expect(fixes['Rest on Wednesdays']?.week?.restOn).toEqual(['wednesday', 'monday']);
  });

  it('rests on an easy weekday of a monotonous week, twice a day or once', () => {
    const days = [{ date: '2027-02-22', double: true }];
    const fixes = proposed('monotony', { weeks: [11] }, { days });
    expect(fixes['Rest on Mondays of these weeks']?.days).toEqual([
      { date: '2027-02-22', role: 'rest' },
    ]);
    expect(labels(fixes)).not.toContain('Rest on Sundays of these weeks');
    expect(labels(fixes)).not.toContain('Rest on Tuesdays of these weeks');
    expect(labels(proposed('monotony', { weeks: [] }))).toEqual([]);
  });

  it('makes the long run as long as the other run asks of it', () => {
    // 18 km are 0.85 of 21.18: in whole kilometres 22.
    const pins = [{ week: 5, longRun: 20_000 }];
    const found = { weeks: [5], value: 18_000, limit: 17_000 };
    const fixes = proposed('any-run-over-long-run', found, { pins });
    expect(labels(fixes)).toEqual(['Free week 5’s long run', 'Fix week 5’s long run at 22 km']);
  });

  it('moves strength to the hard days of a written week, and off single days', () => {
    const roles = ['easy', 'quality', 'easy', 'easy', 'rest', 'easy', 'long'] as const;
    const week = { days: roles.map((role, at) => ({ role, ...(at === 0 && { strength: true }) })) };
    const days = [{ date: '2026-12-16', role: 'easy', strength: true } as const];
    const { 'Strength after the hard days': change } = proposed(
      'strength-before-hard',
      {},
      { week, days },
    );
    expect(change?.week?.days?.map(({ strength }) => strength === true)).toEqual(
      roles.map((role) => role === 'quality'),
    );
    expect(change?.days).toEqual([{ date: '2026-12-16', role: 'easy', strength: undefined }]);
    const free = proposed('strength-before-hard', {}, { days })['Strength after the hard days'];
    expect(free?.week).toBeUndefined();
  });

  it('runs once a day, whatever place had it twice', () => {
    const twice = { role: 'easy', double: true } as const;
    const roles = ['quality', 'easy', 'easy', 'rest', 'easy', 'long'] as const;
    const pattern = [twice, ...roles.map((role) => ({ role }))];
    const week = {
      days: pattern,
      fixed: [{ weekday: 'wednesday' as const, double: true }],
      byPhase: [{ phase: 'speed' as const, days: pattern }],
    };
    const { 'Run once a day': change } = proposed(
      'doubles-too-soon',
      {},
      { week, days: [{ date: '2026-12-16', double: true }] },
    );
    const doubles = [
      ...(change?.days ?? []),
      ...(change?.week?.days ?? []),
      ...(change?.week?.fixed ?? []),
      ...(change?.week?.byPhase?.[0]?.days ?? []),
    ].map(({ double }) => double);
    expect(doubles).toHaveLength(16);
    expect(doubles.filter(Boolean)).toEqual([]);
  });

  it('cross-trains a day later where that day rests, and only there', () => {
    const after = (third: 'rest' | 'easy') => {
      const roles = ['easy', 'quality', 'cross-train', third, 'easy', 'easy', 'long'] as const;
      const week = { days: roles.map((role) => ({ role })) };
      const { 'Cross-train a day later': change } = proposed('cross-after-quality', {}, { week });
      return change?.week?.days?.map(({ role }) => role).slice(1, 4);
    };
    expect(after('rest')).toEqual(['quality', 'rest', 'cross-train']);
    expect(after('easy')).toEqual(['quality', 'cross-train', 'easy']);
    expect(proposed('cross-after-quality', {})).toEqual({});
  });
});
