import { describe, expect, it } from 'vitest';
import { type BlockSpec, withPin } from '../../spec/index.js';
import { reasonsOf } from '../../present/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { validateSpec } from '../validate/validate.js';
import { resolveSpec } from './resolve.js';

const bare: BlockSpec = {
  race: { name: 'Tidewrack Half', date: '2027-05-02', distance: 21_097.5 },
};
const codes = (given: BlockSpec) => validateSpec(resolveSpec(given)).map(({ code }) => code);

describe('resolving', () => {
  it('works out a whole block from a race alone', () => {
    const spec = resolveSpec(bare);
    expect(spec).toMatchObject({ weeks: 14, weekStartsOn: 'monday', start: '2027-01-25' });
    expect(validateSpec(spec)).toEqual([]);
    expect(reasonsOf(bare).weeks).toContain('14 is usual for the half marathon');
  });

  it.each([800, 5000, 10_000, 21_097.5, 42_195])(
    'suggests nothing that its own checks find fault with: %d m',
    (distance) => {
      for (const weeks of [12, 14, 16]) {
        const given = { ...bare, race: { ...bare.race, distance }, weeks };
        const serious = layOut(given).findings.filter(({ level }) => level !== 'note');
        expect(serious).toEqual([]);
      }
    },
  );

  it('starts at the mean of the last four real weeks', () => {
    const recentWeeks = [99_000, 52_000, 55_000, 54_000, 57_000];
    expect(resolveSpec({ ...bare, athlete: { recentWeeks } }).volume.start).toBe(55_000);
  });

  it('keeps the often hurt to three easy runs a week', () => {
    const spec = resolveSpec({ ...bare, athlete: { oftenHurt: true } });
    expect(spec.week).toMatchObject({ runDays: 3, qualityOn: [] });
    expect(spec.phases.layout).toBe('three-runs-a-week');
  });

  it('never touches what the coach gave, and says so', () => {
    const spec = resolveSpec(marathon);
    expect(spec.volume).toMatchObject(marathon.volume ?? {});
    expect(reasonsOf(marathon).peak).toBe('As you set it.');
  });
});

describe('validating', () => {
  const pinned = (pins: BlockSpec['pins']) => codes({ ...marathon, pins });

  it.each<[string, BlockSpec, string[]]>([
    ['no date and no start', { race: { name: 'x', distance: 5000 } }, ['race-date-missing']],
    ['race before start', { ...bare, start: '2027-06-01' }, ['race-before-start']],
    ['a start a year before', { ...bare, start: '2026-05-01' }, ['weeks-out-of-range']],
    ['weeks that disagree', { ...bare, start: '2027-01-25', weeks: 12 }, ['weeks-disagree']],
    ['weeks that agree', { ...bare, start: '2027-01-25', weeks: 14 }, []],
  ])('%s', (_, given, expected) => {
    expect(validateSpec(given).map(({ code }) => code)).toEqual(expected);
  });

  it('says where and what for volumes that cannot be', () => {
    const [problem] = validateSpec(
      resolveSpec({ ...marathon, volume: { ...marathon.volume, peak: 50_000 } }),
    );
    expect(problem).toEqual({
      code: 'peak-below-start',
      path: ['volume', 'peak'],
      message: 'The peak of 50 km is below the start of 55 km. Raise the peak or lower the start.',
    });
    expect(codes({ ...marathon, volume: { start: 55_000, peak: 1_000_000 } })).toEqual([
      'amount-out-of-range',
    ]);
    expect(codes({ ...marathon, longRun: { start: 20_000, peak: 19_000 } })).toEqual([
      'long-run-peak-below-start',
    ]);
  });

  it('refuses pins outside the block, twice, or larger than their week', () => {
    expect(pinned([{ week: 18, volume: 400_000 }])).toEqual([]);
    expect(pinned([{ week: 18, volume: 400_001 }])).toEqual(['amount-out-of-range']);
    expect(pinned([{ week: 19, volume: 50_000 }])).toEqual(['pin-outside-block']);
    expect(
      pinned([
        { week: 3, volume: 50_000 },
        { week: 3, longRun: 9000 },
      ]),
    ).toEqual(['pin-twice']);
    expect(pinned([{ week: 3, volume: 20_000, longRun: 20_001 }])).toEqual([
      'pin-long-run-over-week',
    ]);
  });

  it('wants a phase of the coach’s own', () => {
    const given = { ...marathon, phases: { layout: 'own' as const } };
    expect(validateSpec(given).map(({ code }) => code)).toEqual(['own-phases-missing']);
  });
});

describe('pinning', () => {
  it('sets, merges, takes away and keeps order', () => {
    const one = withPin([], 7, 'volume', 60_000);
    const two = withPin(withPin(one, 3, 'longRun', 20_000), 7, 'longRun', 18_000);
    expect(two).toEqual([
      { week: 3, longRun: 20_000 },
      { week: 7, volume: 60_000, longRun: 18_000 },
    ]);
    expect(withPin(one, 7, 'volume', undefined)).toEqual([]);
  });
});
