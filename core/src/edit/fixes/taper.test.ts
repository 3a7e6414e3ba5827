import { describe, expect, it } from 'vitest';
import { proposed } from '../../testing/proposed.js';

describe('proposed on the taper', () => {
  it('frees race week and takes the depth or the school back', () => {
    const pins = [{ week: 18, volume: 40_000 }];
    const deep = { school: 'even-trim', depth: 0.5 } as const;
    expect(proposed('taper-too-deep', {}, { pins, taper: deep })).toEqual({
      'Free week 18': { pins: [] },
      'Taper as deep as the school has it': { taper: { school: 'even-trim' } },
      'Taper in three steps': { taper: { school: 'three-steps' } },
    });
    expect(proposed('taper-too-shallow', {})).toEqual({});
  });

  it('offers the other schools where it is too long or too short', () => {
    const of = (code: 'taper-too-long' | 'taper-too-short') =>
      Object.values(proposed(code, {})).map(({ taper }) => taper?.school);
    expect(of('taper-too-long')).not.toContain('three-steps');
    expect(of('taper-too-long').length).toBeGreaterThan(1);
    expect(of('taper-too-short')).toEqual(of('taper-too-long'));
  });

  it('strides on the first easy day of each week, where each has one', () => {
    const fixes = proposed('taper-not-quick', { weeks: [16, 17] });
    const [days = []] = Object.values(fixes).map((change) => change.days);
    expect(days.map(({ addOn }) => addOn)).toEqual(['strides', 'strides']);
    expect(proposed('taper-not-quick', { weeks: [16, 40] })).toEqual({});
  });
});
