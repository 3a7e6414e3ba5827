import { describe, expect, it } from 'vitest';
import { placeEvents } from './event-names.js';

/** A flag at `x`, its name twelve pixels on. */
const flag = (x: number, name: string) => ({ x, right: x + 10, nameX: x + 12, name });
const both = [900, 900];
const lettering = { letter: 6.2, gap: 8 };

describe('names of events', () => {
  it('are none where there is nothing', () => {
    expect(placeEvents([], both, lettering)).toEqual([]);
  });

  it('stand in the upper lane where there is room', () => {
    // Twelve letters of 6.2 are 74.4 pixels, from 112 to 186.4, and eight to the next mark.
    expect(placeEvents([flag(100, 'Gullstone 10'), flag(195, 'Test')], both, lettering)).toEqual([
      { lane: 0, text: 'Gullstone 10' },
      { lane: 0, text: 'Test' },
    ]);
  });

  it('go into the lower lane where the one before is still in the way', () => {
    expect(placeEvents([flag(100, 'Gullstone 10'), flag(194, 'Test')], both, lettering)[1]).toEqual(
      {
        lane: 1,
        text: 'Test',
      },
    );
  });

  it('are cut short before the mark that needs their lane', () => {
    const marks = [flag(100, 'Gullstone 10'), flag(120, 'Tidewrack Half'), flag(170, 'Test')];
    // From 112 to eight before 170 are 50 pixels: eight letters, the last of them dots.
    expect(placeEvents(marks, both, lettering)).toEqual([
      { lane: 0, text: 'Gullsto…' },
      { lane: 1, text: 'Tidewrack Half' },
      { lane: 0, text: 'Test' },
    ]);
  });

  it('are left out where only dots would be left, and their marks stand apart', () => {
    const marks = [flag(100, 'Gullstone 10'), flag(110, 'Tidewrack Half'), flag(125, 'Test')];
    expect(placeEvents(marks, both, lettering)).toEqual([
      { lane: 0, text: '' },
      { lane: 1, text: 'Tidewrack Half' },
      { lane: 0, text: 'Test' },
    ]);
  });

  it('end with their lane', () => {
    // Fourteen letters are 86.8 pixels: one lane has 48 of them, the other all.
    expect(placeEvents([flag(800, 'Tidewrack Half')], [860, 900], lettering)).toEqual([
      { lane: 1, text: 'Tidewrack Half' },
    ]);
    expect(placeEvents([flag(870, 'Tidewrack Half')], both, lettering)[0]?.text).toBe('');
  });

  it('are cut short before a mark that the race’s words leave one lane', () => {
    // Nothing stands behind 150 in the upper lane, so a name in the lower one ends before 200: 80
    // pixels from 112 on are twelve letters.
    const marks = [flag(100, 'Tidewrack Half'), flag(200, 'Test')];
    expect(placeEvents(marks, [150, 900], lettering)).toEqual([
      { lane: 1, text: 'Tidewrack H…' },
      { lane: 1, text: 'Test' },
    ]);
  });

  it('leave the lanes to the race where the mark itself would stand in its words', () => {
    expect(placeEvents([flag(891, 'Camp')], both, lettering)).toEqual([{ lane: 2, text: '' }]);
    expect(placeEvents([flag(890, 'Camp')], both, lettering)).toEqual([{ lane: 0, text: '' }]);
  });
});
