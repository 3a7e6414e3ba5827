import { describe, expect, it } from 'vitest';
import css from './tokens.css?raw';
import type { TokenName } from './tokens.js';

/** The two colours of a token, light and dark. */
function coloursOf(name: TokenName): string[] {
  const [, light, dark] =
    new RegExp(`--nadir-${name}: light-dark\\((#\\w{6}), (#\\w{6})\\)`).exec(css) ?? [];
  return [light!, dark!];
}

/** Relative luminance by WCAG 2.2. */
function luminance(hex: string): number {
  const [red, green, blue] = [1, 3, 5].map((at) => {
    const part = parseInt(hex.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * red! + 0.7152 * green! + 0.0722 * blue!;
}

function contrast(one: string, other: string): number {
  const [dark, light] = [luminance(one), luminance(other)].sort((a, b) => a - b);
  return (light! + 0.05) / (dark! + 0.05);
}

describe('the colours', () => {
  it('black on white is 21 to 1, as WCAG works it out', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
    expect(contrast('#777777', '#ffffff')).toBeCloseTo(4.48, 2);
  });

  it.each([
    ['ink', 'paper', 4.5],
    ['ink', 'panel', 4.5],
    ['ink', 'lit', 4.5],
    ['muted', 'paper', 4.5],
    ['muted', 'panel', 4.5],
    ['muted', 'field', 4.5],
    ['signal', 'paper', 4.5],
    ['signal', 'panel', 4.5],
    ['railInk', 'rail', 4.5],
    ['longToCome', 'toCome', 3],
    ['long', 'done', 3],
    ['legs', 'paper', 3],
    ['railMark', 'rail', 3],
  ] as const)('%s on %s can be told apart, on either paper', (mark, ground, least) => {
    const grounds = coloursOf(ground);
    const [light, dark] = coloursOf(mark).map((colour, index) => contrast(colour, grounds[index]!));
    expect(light).toBeGreaterThanOrEqual(least);
    expect(dark).toBeGreaterThanOrEqual(least);
  });
});
