import { describe, expect, it } from 'vitest';
import { type PhaseLayoutName, phaseLayoutNames } from '../../spec/choices/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { layPhases } from '../phases/lay-phases.js';
import { phaseLayouts } from './phase-layouts.js';

/** Sixteen weeks with a taper of three: thirteen to share out by weight, largest remainder. */
const lengths = (layout: PhaseLayoutName) =>
  layPhases({ layout, own: [] }, 16, 3).map(({ name, weeks }) => `${name} ${weeks}`);

describe('every layout, worked by hand for sixteen weeks', () => {
  it.each<[PhaseLayoutName, string[]]>([
    // Sixteen by four are four each; the last keeps one week before the taper.
    ['four-equal-parts', ['Foundation 4', 'Speed 4', 'Race-specific 4', 'Sharpening 1', 'Taper 3']],
    // 5, 4 and 4 of 13 are whole.
    ['base-strength-intervals-taper', ['Base 5', 'Strength 4', 'Intervals 4', 'Taper 3']],
    // 40% of 13 are 5.2, then 3.9 and 3.9.
    ['long-aerobic-first', ['Aerobic 5', 'Threshold 4', 'Intervals 4', 'Taper 3']],
    // 2.6, 3.9 and 6.5: the two largest remainders go up.
    ['speed-before-distance', ['Hills 3', 'Speed 4', 'Race-specific 6', 'Taper 3']],
    // 4.33 each: the first of equals goes up; quick running starts after the first third.
    ['late-speed', ['Volume 5', 'Threshold 4', 'Race-specific 4', 'Taper 3']],
    ['three-by-four', ['First cycle 5', 'Second cycle 4', 'Third cycle 4', 'Taper 3']],
    // 7.8 and 5.2.
    ['three-runs-a-week', ['Easy running 8', 'Longer running 5', 'Taper 3']],
  ])('%s', (layout, expected) => {
    expect(lengths(layout)).toEqual(expected);
  });

  it('three by four is three cycles of four in fifteen weeks', () => {
    const phases = layPhases({ layout: 'three-by-four', own: [] }, 15, 3);
    expect(phases.map(({ weeks }) => weeks)).toEqual([4, 4, 4, 3]);
  });

  it('closes phases with recovery weeks where it says so', () => {
    const closing = (layout: PhaseLayoutName) =>
      layOut({ ...marathon, weeks: 16, phases: { layout } })
        .weeks.filter(({ recovery }) => recovery)
        .map(({ number }) => number);
    // The rhythm stays, and the phases that would end in weeks 5 and 9 end with it.
    expect(closing('base-strength-intervals-taper')).toEqual([4, 8, 12]);
    expect(closing('three-by-four')).toEqual([4, 8, 12]);
    const { phases } = layOut({ ...marathon, weeks: 16, phases: { layout: 'three-by-four' } });
    expect(phases.map(({ weeks }) => weeks)).toEqual([4, 4, 5, 3]);
  });

  it.each(phaseLayoutNames)('%s says what it is for and what it costs in one sentence', (name) => {
    expect(phaseLayouts[name].why).toMatch(/^[A-Z][^.]+\.$/);
  });

  it('nothing is quick in the first third before the taper where speed comes late', () => {
    const block = layOut({ ...marathon, phases: { layout: 'late-speed' } });
    const before = block.weeks.filter(({ taperShare }) => taperShare === 1);
    const third = before.slice(0, Math.floor(before.length / 3));
    expect(third.every(({ phase }) => phase === 'foundation')).toBe(true);
  });
});
