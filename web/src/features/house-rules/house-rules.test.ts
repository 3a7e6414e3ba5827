import type { BlockFile } from '@nadir/contract';
import { type Rule, ruleCatalogue } from '@nadir/core/rules';
import { describe, expect, it } from 'vitest';
import { countFlags, flagWords } from './flag-counts.js';
import { figureText, readFigure } from '../../components/rule-figure.js';

const rule = (path: string): Rule => {
  const found = ruleCatalogue.find((each) => each.path === path);
  if (!found) throw new Error(path);
  return found;
};

describe('a figure of the house rules', () => {
  it.each([
    ['volume.growthCap', 0.1, 'km', '10'],
    ['longRun.growthDistance', 3000, 'km', '3'],
    ['longRun.growthDistance', 3218.688, 'mi', '2'],
    ['longRun.mostTime', 10_800, 'km', '180'],
    ['recovery.every', 4, 'km', '4'],
  ] as const)('%s: %d is typed and shown as %s %s', (path, value, unit, text) => {
    expect(figureText(rule(path), value, unit)).toBe(text);
    expect(readFigure(rule(path), text, unit)).toBeCloseTo(value, 6);
  });

  it.each([
    ['volume.growthCap', '140', /from 0 to 100%/],
    ['volume.growthCap', '', /needed/],
    ['volume.growthCap', 'ten', /“ten”/],
    ['recovery.every', '3.5', /a whole number from 3 to 6 weeks/],
  ] as const)('%s: “%s” is refused in the unit shown', (path, text, words) => {
    expect(readFigure(rule(path), text, 'km')).toMatch(words);
  });
});

describe('what a rule would flag', () => {
  const block = (pins: BlockFile['pins'], waivers: BlockFile['waivers'] = []): BlockFile => ({
    format: 'nadir-block',
    version: 3,
    engine: 13,
    race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
    weeks: 12,
    volume: { start: 40_000, peak: 50_000 },
    pins,
    waivers,
  });
  const steep = [{ week: 2, volume: 45_000 }];
  const today = '2027-02-10';

  it('is counted over all blocks, waived findings left out', () => {
    const waived = [{ check: 'growth-over-cap', reason: 'Camp.' }];
    const blocks = [block(steep), block([]), block(steep, waived)];
    const counts = countFlags(blocks, undefined, today);
    expect(counts.get('growth-over-cap')).toEqual({ findings: 1, blocks: 1 });
    expect(flagWords(counts, ['growth-over-cap'])).toBe('flags 1 now, in 1 block');
  });

  it('changes with the rules', () => {
    const loose = { values: { 'recovery.leastDepth': 0.5 } };
    expect(countFlags([block([])], {}, today).has('recovery-too-shallow')).toBe(false);
    expect(countFlags([block([])], loose, today).get('recovery-too-shallow')?.findings).toBe(2);
  });

  it('is said for no check, and for one that finds nothing', () => {
    expect(flagWords(new Map(), [])).toBe('');
    expect(flagWords(new Map(), ['growth-over-cap'])).toBe('flags nothing now');
  });
});
