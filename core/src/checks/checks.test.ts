import { describe, expect, it } from 'vitest';
import { layOut } from '../block/lay-out.js';
import { marathon } from '../testing/examples.js';
import type { Given } from '../wishes/wishes.js';
import { type CheckCode, checks } from './registry.js';

const athlete = (facts: Given['athlete']): Partial<Given> => ({
  athlete: { ...marathon.athlete, ...facts },
});
const volume = (wish: Given['volume']): Partial<Given> => ({
  volume: { ...marathon.volume, ...wish },
});
const recovery = { depth: 0.25, reEntry: 'one-step-above' } as const;

/** For each check a change just inside its limit and one just outside, with what it measures. */
const cases: Record<
  CheckCode,
  { inside: Partial<Given>; outside: Partial<Given>; value: number; limit: number; today?: string }
> = {
  'under-18-week': {
    inside: { ...athlete({ birthYear: 2009 }) },
    outside: { ...athlete({ birthYear: 2010 }) },
    value: 92_000,
    limit: 60_000,
  },
  'not-feasible': {
    inside: volume({ peak: 142_600 }),
    outside: volume({ peak: 143_700 }),
    value: 142_100,
    limit: 143_700,
  },
  'growth-over-cap': {
    inside: { pins: [{ week: 2, volume: 60_500 }] },
    outside: { pins: [{ week: 2, volume: 60_600 }] },
    value: 60_600 / 55_000 - 1,
    limit: 0.1,
  },
  'start-above-held': {
    inside: { ...athlete({ recentWeeks: [90_000, 50_000, 55_000, 54_000, 50_000] }) },
    outside: { ...athlete({ recentWeeks: [90_000, 50_000, 54_000, 54_000, 50_000] }) },
    value: 55_000,
    limit: 54_000,
  },
  'long-run-grown-too-fast': {
    inside: { pins: [{ week: 2, longRun: 22_000 }] },
    outside: { pins: [{ week: 2, longRun: 22_100 }] },
    value: 22_100,
    limit: 22_000,
  },
  // 335 s/km: three hours are 32 238 m.
  'long-run-over-time': {
    inside: { pins: [{ week: 15, longRun: 32_200 }] },
    outside: { pins: [{ week: 15, longRun: 32_300 }] },
    value: 32_300 * 0.335,
    limit: 10_800,
  },
  'long-run-near-race': {
    inside: { pins: [{ week: 16, longRun: 30_000 }] },
    outside: { pins: [{ week: 17, longRun: 30_000 }] },
    value: 7,
    limit: 12,
  },
  'no-recovery-week': {
    inside: volume({ recovery: { ...recovery, every: 6 } }),
    outside: volume({ recovery: { ...recovery, every: 'none' } }),
    value: 15,
    limit: 5,
  },
  'too-long-at-peak': {
    inside: volume({ holdAtPeak: 3 }),
    outside: volume({ holdAtPeak: 4 }),
    value: 4,
    limit: 3,
  },
  'taper-too-shallow': {
    inside: { pins: [{ week: 18, volume: 50_600 }] },
    outside: { pins: [{ week: 18, volume: 50_700 }] },
    value: 1 - 50_700 / 92_000,
    limit: 0.45,
  },
  'taper-too-deep': {
    inside: { pins: [{ week: 18, volume: 32_300 }] },
    outside: { pins: [{ week: 18, volume: 32_100 }] },
    value: 1 - 32_100 / 92_000,
    limit: 0.65,
  },
  'block-too-short': { inside: { weeks: 12 }, outside: { weeks: 11 }, value: 11, limit: 12 },
  'block-too-long': { inside: { weeks: 20 }, outside: { weeks: 21 }, value: 21, limit: 20 },
  'long-run-over-share': {
    inside: { pins: [{ week: 14, longRun: 32_200 }] },
    outside: { pins: [{ week: 14, longRun: 32_210 }] },
    value: 32_210 / 92_000,
    limit: 0.35,
  },
  'long-run-held-down': {
    inside: { longRun: { ...marathon.longRun, peak: 32_000 } },
    outside: { longRun: { ...marathon.longRun, peak: 33_000 } },
    value: 32_000,
    limit: 33_000,
  },
  'volume-low-for-distance': {
    inside: volume({ start: 40_000, peak: 56_000 }),
    outside: volume({ start: 40_000, peak: 55_900 }),
    value: 55_900,
    limit: 56_000,
  },
  'fewer-run-days': {
    inside: athlete({ unavailable: ['thursday'] }),
    outside: athlete({ unavailable: ['wednesday'] }),
    value: 5,
    limit: 6,
  },
  'hard-day-away': {
    inside: athlete({ unavailable: ['monday'] }),
    outside: athlete({ unavailable: ['friday'] }),
    value: 2,
    limit: 3,
  },
  'own-phases-scaled': {
    inside: { phases: { layout: 'own', own: [{ kind: 'foundation', name: 'All', weeks: 18 }] } },
    outside: { phases: { layout: 'own', own: [{ kind: 'foundation', name: 'All', weeks: 17 }] } },
    value: 17,
    limit: 18,
  },
  'race-in-the-past': { inside: {}, outside: {}, value: 1, limit: 0, today: '2027-04-19' },
};

describe.each(checks.map(({ code }) => code))('%s', (code) => {
  const { inside, outside, value, limit, today } = cases[code];
  const found = (change: Partial<Given>, day?: string) =>
    layOut({ ...marathon, ...change }, { today: day }).findings.filter(
      ({ check }) => check === code,
    );

  it('is silent just inside its limit', () => {
    expect(found(inside, today && '2027-04-18')).toEqual([]);
  });

  it('says what it measured just outside', () => {
    const [finding] = found(outside, today);
    expect(finding?.value).toBeCloseTo(value, 6);
    expect(finding?.limit).toBeCloseTo(limit, 6);
    expect(finding?.message).toMatch(/^[A-Z0-9].*\.$/s);
    expect(finding?.weeks.length).toBeGreaterThan(0);
  });
});

describe('findings', () => {
  it('come worst first, with the waivers of the coach', () => {
    const { findings } = layOut({
      ...marathon,
      athlete: { ...marathon.athlete, birthYear: 2010 },
      pins: [{ week: 2, volume: 70_000 }],
      waivers: [{ check: 'growth-over-cap', week: 2, reason: 'Training camp.' }],
    });
    expect(findings[0]).toMatchObject({ check: 'under-18-week', level: 'stop' });
    expect(findings.find(({ check }) => check === 'growth-over-cap')).toMatchObject({
      waived: 'Training camp.',
    });
  });

  it('speak the shown unit', () => {
    const { findings } = layOut(
      { ...marathon, longRun: { ...marathon.longRun, peak: 33_000 } },
      { shown: { basis: 'distance', unit: 'mi', step: 0.1 } },
    );
    expect(findings[0]?.message).toContain('19.9 mi');
  });
});
