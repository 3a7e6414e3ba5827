import { describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { amount, civilDate, figure, line, lines, name, wellFormed } from './primitives.js';
import { problemOfStructure } from './structure.js';

const takes = (schema: z.ZodType, values: readonly unknown[]) =>
  values.filter((value) => schema.safeParse(value).success);

describe('dates', () => {
  it('exist, in the years 1970 to 2200', () => {
    const inside = ['1970-01-01', '2028-02-29', '2200-12-31'];
    const outside = ['1969-12-31', '2201-01-01', '0100-01-01', '9999-12-31', '2027-02-29', 'today'];
    expect(takes(civilDate, [...inside, ...outside])).toEqual(inside);
  });
});

describe('amounts', () => {
  it('are nothing, or a metre or a second to a million', () => {
    const inside = [0, 1, 1.5, 1e6];
    const outside = [-1, 0.5, 5e-324, 1e6 + 1, 1e308, Infinity, NaN, '7', null];
    expect(takes(amount, [...inside, ...outside])).toEqual(inside);
  });

  it('of any other kind are finite', () => {
    expect(takes(figure, [-1e6, 0, 0.1, 1e6, 1e7, Infinity, NaN])).toEqual([-1e6, 0, 0.1, 1e6]);
  });
});

describe('text', () => {
  it('of one line is composed, trimmed, and has no breaks or tabs', () => {
    expect(line(20).parse(' Zoe\u0301\tof\r\nOstrel ')).toBe('Zoé of Ostrel');
    expect(lines(20).parse(' one\r\n\ttwo ')).toBe('one\n\ttwo');
  });

  it('holds no control characters and no halves of characters', () => {
    const wrong = ['a\0', '\u0007', '\u007f', '\u0085', '\uD800', 'x\uDC00'];
    for (const schema of [line(20), lines(20), name(20), wellFormed(20)]) {
      expect(takes(schema, [...wrong, 'å😀 ok'])).toEqual(['å😀 ok']);
    }
  });

  it('is as long as it may be', () => {
    expect(takes(line(3), ['abc', 'abcd', ' abc '])).toEqual(['abc', ' abc ']);
  });

  it('that names something can be seen', () => {
    const unseen = ['', '  ', '\u200B', '\u2060\uFEFF', '\u3164', '\u2800', '\u0301', '\u00AD'];
    // A family in one glyph is held together by joiners that nobody sees.
    expect(takes(name(20), [...unseen, '7', '—', '👩‍👧', 'ñ'])).toEqual(['7', '—', '👩‍👧', 'ñ']);
  });
});

describe('the structure of what is read', () => {
  const nested = (levels: number) => JSON.parse('['.repeat(levels) + ']'.repeat(levels)) as unknown;

  it('is at most 32 levels deep, and never breaks its reader', () => {
    expect(problemOfStructure(nested(32))).toBeUndefined();
    expect(problemOfStructure(nested(34))?.code).toBe('too-deep');
    expect(problemOfStructure(nested(5000))?.code).toBe('too-deep');
  });

  it('holds at most fifty thousand values', () => {
    expect(problemOfStructure(Array.from({ length: 49_000 }, () => 1))).toBeUndefined();
    expect(problemOfStructure(Array.from({ length: 50_001 }, () => 1))?.code).toBe('too-many');
  });
});
