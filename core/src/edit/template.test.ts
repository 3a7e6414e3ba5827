import { describe, expect, it } from 'vitest';
import { resolveSpec, validateSpec } from '../layout/index.js';
import { layOut } from '../lay-out.js';
import { marathon } from '../testing/examples.js';
import { type Template, fromTemplate } from './template.js';

// From 55 to 92 km; week 7 pinned at 73.5, half-way up, and week 4 at 44, four fifths of the start.
const template: Template = {
  basis: 'distance',
  distance: 42_195,
  weeks: 18,
  phases: marathon.phases,
  volume: marathon.volume,
  longRun: marathon.longRun,
  taper: { school: 'long-descent' },
  week: marathon.week,
  pins: [
    { week: 4, volume: 44_000 },
    { week: 7, volume: 73_500 },
  ],
};

describe('a template', () => {
  const given = {
    athlete: { ...marathon.athlete, recentWeeks: [30_000, 30_000, 30_000, 30_000] },
    race: marathon.race,
    volume: { peak: 50_000 },
  };

  it('is scaled to another athlete’s start and peak; what lies between keeps its place', () => {
    const { spec } = layOut(fromTemplate(template, given));
    expect(spec.volume).toMatchObject({ start: 30_000, peak: 50_000 });
    expect(spec.taper.school).toBe('long-descent');
    // Four fifths of 30 are 24; half-way from 30 to 50 is 40.
    expect(spec.pins).toEqual([
      { week: 4, volume: 24_000 },
      { week: 7, volume: 40_000 },
    ]);
  });

  it('leaves out pins that a shorter block has no week for', () => {
    const spec = resolveSpec(fromTemplate(template, { ...given, weeks: 6 }));
    expect(spec.pins.map(({ week }) => week)).toEqual([4]);
  });

  it('asks no hard days of the often hurt, nor more run days than are free', () => {
    const athlete = {
      ...given.athlete,
      oftenHurt: true,
      unavailable: ['monday', 'friday'] as ('monday' | 'friday')[],
    };
    const spec = resolveSpec(fromTemplate(template, { ...given, athlete }));
    expect(spec.week.qualityOn).toEqual([]);
    expect(spec.week.runDays).toBe(5);
  });

  it('goes from distance to time', () => {
    const athlete = { ...given.athlete, basis: 'time' as const, recentWeeks: [10_800] };
    const spec = resolveSpec(fromTemplate(template, { athlete, race: marathon.race }));
    expect(spec.volume.start).toBe(10_800);
    expect(validateSpec(spec)).toEqual([]);
  });
});
