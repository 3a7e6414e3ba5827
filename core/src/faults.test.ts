import { describe, expect, it } from 'vitest';
import { formatHours, readDistance } from './base/format/index.js';
import { lengthenDay } from './edit/week/index.js';
import { layOut } from './lay-out.js';
import { reasonsOf, whyVolume } from './present/index.js';
import { showBlock } from './present/figures/index.js';
import { printSession, readSession } from './sessions/index.js';
import type { BlockSpec } from './spec/index.js';
import { type GrowthSchoolName, growthSchoolNames } from './spec/choices/index.js';
import { marathon } from './testing/examples.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;
const volumesOf = (spec: BlockSpec) => layOut(spec).weeks.map(({ volume }) => volume);

describe('a week fixed at nothing', () => {
  it('as the first leaves the others as they would be after the start', () => {
    const volumes = volumesOf({ ...marathon, pins: [{ week: 1, volume: 0 }] });
    expect(volumes.slice(0, 4)).toEqual([0, 58_000, 61_000, 46_000]);
  });

  it('is no base of growth: week 5 at 40 km is measured from the start', () => {
    const pins = [
      { week: 1, volume: 0 },
      { week: 5, volume: 90_000 },
    ];
    const found = layOut({ ...marathon, pins }).findings.filter(
      ({ check }) => check === 'growth-over-cap',
    );
    expect(found.length).toBeGreaterThan(0);
    for (const { value, message } of found) {
      expect(Number.isFinite(value)).toBe(true);
      expect(message).not.toContain('Infinity');
    }
  });
});

describe('why a week rises', () => {
  it.each(growthSchoolNames)('is held against its figures: %s', (school) => {
    const spec: BlockSpec = {
      ...marathon,
      volume: { ...marathon.volume, growth: { school, cap: 0.1, step: 9000 } },
    };
    const block = layOut(spec);
    const shown = showBlock(block, km);
    for (const week of block.weeks.filter(({ volumeRule }) => volumeRule === 'rise')) {
      const words = whyVolume(block, week, shown);
      const [, way, base] =
        /(up from|level with|held at|down from) (?:the start of )?(\d+) km/.exec(words) ?? [];
      const was = Number(base) * 1000;
      const level = school === 'step-and-hold' ? 'held at' : 'level with';
      expect(way).toBe(week.volume > was ? 'up from' : week.volume < was ? 'down from' : level);
      // Only a school that keeps the cap may say that it does.
      expect(words.includes('is the most')).toBe(school === 'percentage');
      if (school === 'percentage') expect(week.volume).toBeLessThanOrEqual(was * 1.1);
    }
  });
});

describe('reasons', () => {
  const race = marathon.race;

  it.each([
    [3, '3rd'],
    [4, '4th'],
    [5, '5th'],
    [6, '6th'],
  ])('count recovery weeks: every %d', (every, ordinal) => {
    const houseRules = { values: { 'recovery.every': every } };
    expect(reasonsOf({ race, houseRules }).recovery).toBe(`Every ${ordinal} week, 25% off.`);
  });

  it('name the time on feet of the house rule, not another', () => {
    const houseRules = { values: { 'longRun.mostTime': 9000 } };
    expect(reasonsOf({ race, houseRules }).longRunPeak).toContain('within 2 h 30 min at');
  });

  it('promise a cap only where the school keeps it', () => {
    const volume = { growth: { school: 'fixed-step' as const } };
    expect(reasonsOf({ race, volume }).growth).not.toMatch(/^At most/);
    expect(reasonsOf({ race }).growth).toBe('At most 10% over the last building week.');
    const alternating = { growth: { school: 'alternating' as const } };
    expect(reasonsOf({ race, volume: alternating }).growth).toBe(
      'At most 10% over the heaviest of the weeks before.',
    );
  });

  it('say what leads to the peak in the school’s own terms', () => {
    const peak = (school: GrowthSchoolName) =>
      reasonsOf({ race, volume: { growth: { school } } }).peak;
    const held = 'and no more than its runs hold\\.$';
    expect(peak('percentage')).toMatch(RegExp(`in reach of 10% a week ${held}`));
    expect(peak('step-and-hold')).toMatch(RegExp(`in reach of steps of \\d+ km ${held}`));
    expect(peak('straight-to-peak')).toMatch(
      RegExp(`in reach of 3 rises of 10% of the start ${held}`),
    );
  });

  it('say which days are hard and how many are run as they are', () => {
    const { runDays, qualityOn } = reasonsOf({ race, athlete: { unavailable: ['tuesday'] } });
    expect(runDays).toBe('5 are usual; 6 days are free.');
    expect(qualityOn).toBe('Three and five days after the long run, easy days between.');
    const recentWeeks = [29_000, 30_000, 31_000];
    expect(reasonsOf({ race, athlete: { recentWeeks } }).runDays).toBe(
      '4 are usual at 30 km a week; 7 days are free.',
    );
    const asked = { race, athlete: { recentWeeks }, volume: { start: 20_000 } };
    expect(reasonsOf(asked).runDays).toBe('3 are usual at 20 km a week; 7 days are free.');
  });
});

describe('a session written per mile', () => {
  it('comes back per mile, without dust', () => {
    const read = readSession('5 x 1 mi @ marathon + 75 s/mi, 400 m jog');
    expect(read.ok && printSession(read.session)).toBe('5 x 1 mi @ marathon + 75 s/mi, 400 m jog');
  });
});

describe('arrow keys on cross-training', () => {
  it('leave it cross-training, five minutes longer or shorter', () => {
    const date = '2027-01-20';
    const block = layOut({ ...marathon, days: [{ date, role: 'cross-train' }] });
    const answer = lengthenDay(block, date, { shown: 0, by: 1 }, km);
    const usual = block.weeks.flatMap(({ days }) => days).find((day) => day.date === date);
    const crossTime = (usual?.cross.time ?? 0) + 300;
    expect(answer).toMatchObject({ change: { days: [{ date, role: 'cross-train', crossTime }] } });
  });
});

describe('a time on the feet', () => {
  it.each([
    [3600, '1 h'],
    [3590, '1 h'],
    [2700, '45 min'],
    [9000, '2 h 30 min'],
    [29, '0 min'],
  ])('%d s are %s', (seconds, words) => {
    expect(formatHours(seconds)).toBe(words);
  });
});

describe('a race’s distance as it is typed', () => {
  it.each([
    ['13.1', 'mi', 21_097.5],
    ['13,1', 'km', 13_100],
    ['13.1 mi', 'km', 21_097.5],
    ['26.2', 'mi', 42_195],
    ['10', 'km', 10_000],
    ['10000', 'mi', 10_000],
    ['3000 m', 'mi', 3000],
    ['1 mile', 'km', 1609],
  ] as const)('%s, %s: %d m', (text, unit, metres) => {
    expect(readDistance(text, unit)).toEqual({ ok: true, value: metres });
  });

  it.each(['', 'ten', '0.1', '500 km', '-5', '1e4'])('is none: “%s”', (text) => {
    expect(readDistance(text, 'km').ok).toBe(false);
  });
});
