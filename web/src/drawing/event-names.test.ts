import { describe, expect, it } from 'vitest';
import { placeNames } from './event-names.js';

/** A flag at `x`, its name twelve pixels on. */
const flag = (x: number, name: string) => ({ x, nameX: x + 12, name });

describe('names of events', () => {
  it('are none where there is nothing', () => {
    expect(placeNames([], 900)).toEqual([]);
  });

  it('stand beside their marks where there is room', () => {
    // Twelve letters of 5.8 are 69.6 pixels, from 112 to 181.6; the next mark is at 200.
    expect(placeNames([flag(100, 'Gullstone 10'), flag(200, 'Test')], 900)).toEqual([
      { text: 'Gullstone 10', x: 112, over: false },
      { text: 'Test', x: 212, over: false },
    ]);
  });

  it('go over the mark where the next one is too near', () => {
    expect(placeNames([flag(100, 'Gullstone 10'), flag(150, 'Test')], 900)[0]).toEqual({
      text: 'Gullstone 10',
      x: 100,
      over: true,
    });
  });

  it('are cut short where there is no room over it either', () => {
    const marks = [flag(100, 'Gullstone 10'), flag(150, 'Tidewrack Half'), flag(203, 'Test')];
    // From 162 to six before 203 are 35 pixels: five letters and the dots.
    expect(placeNames(marks, 900)[1]).toEqual({ text: 'Tidew…', x: 162, over: false });
  });

  it('are left out where only dots would be left', () => {
    const marks = [flag(100, 'Gullstone 10'), flag(150, 'Tidewrack Half'), flag(160, 'Test')];
    expect(placeNames(marks, 900).map((name) => name?.text)).toEqual([
      'Gullstone 10',
      undefined,
      'Test',
    ]);
  });

  it('end with the drawing', () => {
    expect(placeNames([flag(870, 'Tidewrack Half')], 900)).toEqual([undefined]);
    expect(placeNames([flag(800, 'Tidewrack Half')], 900)[0]).toEqual({
      text: 'Tidewrack Half',
      x: 812,
      over: false,
    });
  });
});
