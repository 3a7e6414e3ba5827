import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { phaseLayoutNames } from '../../spec/choices/index.js';
import { sum } from '../../base/index.js';
import { layPhases } from './lay-phases.js';
import { scaleWeeks } from './scale.js';

describe('scaling weights to weeks', () => {
  it('hand-worked: 5, 4, 4 over 15 weeks are 5.8, 4.6, 4.6, so 6, 5, 4', () => {
    expect(scaleWeeks([5, 4, 4], 15)).toEqual([6, 5, 4]);
  });

  it('gives every part a week while there are enough, else the first parts', () => {
    expect(scaleWeeks([10, 1, 1], 4)).toEqual([2, 1, 1]);
    expect(scaleWeeks([1, 1, 1], 2)).toEqual([1, 1, 0]);
  });

  it('adds up', () => {
    const weights = fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(weights, fc.integer({ min: 1, max: 30 }), (parts, weeks) => {
        expect(sum(scaleWeeks(parts, weeks))).toBe(weeks);
      }),
    );
  });
});

describe('phases', () => {
  it('cuts four equal parts, the last of them sharpening before it tapers', () => {
    const phases = layPhases({ layout: 'four-equal-parts', own: [] }, 16, 3);
    expect(phases.map(({ kind, weeks }) => [kind, weeks])).toEqual([
      ['foundation', 4],
      ['speed', 4],
      ['specific', 4],
      ['sharpening', 1],
      ['taper', 3],
    ]);
  });

  it('scales the coach’s own phases by their lengths', () => {
    const own = [
      { kind: 'foundation' as const, name: 'Groundwork', weeks: 4 },
      { kind: 'taper' as const, name: 'Down', weeks: 2 },
    ];
    const phases = layPhases({ layout: 'own', own }, 12, 3);
    expect(phases.map(({ name, firstWeek, weeks }) => [name, firstWeek, weeks])).toEqual([
      ['Groundwork', 1, 8],
      ['Down', 9, 4],
    ]);
  });

  it.each(phaseLayoutNames.filter((name) => name !== 'own'))(
    '%s covers every week once, from 4 to 30 weeks',
    (layout) => {
      for (let weeks = 4; weeks <= 30; weeks++) {
        const phases = layPhases({ layout, own: [] }, weeks, Math.min(3, Math.floor(weeks / 3)));
        let next = 1;
        for (const phase of phases) {
          expect(phase.firstWeek).toBe(next);
          next += phase.weeks;
        }
        expect(next).toBe(weeks + 1);
      }
    },
  );
});
