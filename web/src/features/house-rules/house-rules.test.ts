import type { Flags } from '@nadir/contract';
import { type Rule, ruleCatalogue } from '@nadir/core/rules';
import { describe, expect, it } from 'vitest';
import { flagWords } from './flag-words.js';
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
    ['volume.growthCap', '7,5 %', 0.075],
    ['longRun.growthDistance', '3 km', 3000],
    ['recovery.every', '4 weeks', 4],
  ] as const)('%s: “%s” is read with its unit', (path, text, value) => {
    expect(readFigure(rule(path), text, 'km')).toBeCloseTo(value, 6);
  });

  it.each([
    ['volume.growthCap', '140', /from 0 to 100%/],
    ['volume.growthCap', '', /needed/],
    ['volume.growthCap', 'ten', /“ten”/],
    ['longRun.growthDistance', '3 mi', /“3 mi”/],
    ['recovery.every', '3.5', /a whole number from 3 to 6 weeks/],
  ] as const)('%s: “%s” is refused in the unit shown', (path, text, words) => {
    expect(readFigure(rule(path), text, 'km')).toMatch(words);
  });
});

describe('what rules flag in the blocks in hand', () => {
  const blocks: Flags['blocks'] = [
    { id: 'a', findings: { 'growth-over-cap': 2 } },
    { id: 'b', findings: { 'recovery-too-shallow': 1 } },
    { id: 'c', findings: {} },
  ];

  it('is said for one check, and for two that find different blocks', () => {
    expect(flagWords({ blocks }, ['growth-over-cap'])).toBe('flags 2 now, in 1 block');
    const both = ['growth-over-cap', 'recovery-too-shallow'];
    expect(flagWords({ blocks }, both)).toBe('flags 3 now, in 2 blocks');
  });

  it('is said for one that finds nothing; for no check, or before they are looked at, nothing is', () => {
    expect(flagWords({ blocks }, ['too-much-hard'])).toBe('flags nothing now');
    expect(flagWords({ blocks }, [])).toBe('');
    expect(flagWords(undefined, ['growth-over-cap'])).toBe('');
  });
});
