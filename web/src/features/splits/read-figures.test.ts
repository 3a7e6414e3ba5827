import { describe, expect, it } from 'vitest';
import { readCount, readMetres, readOffsets } from './read-figures.js';

describe('figures of the calculator', () => {
  it('reads metres, counts and seconds per km', () => {
    expect(readMetres('21097,5')).toEqual({ ok: true, value: 21_097.5 });
    expect(readCount('6')).toEqual({ ok: true, value: 6 });
    expect(readOffsets('4, 0, −4')).toEqual({ ok: true, value: [4, 0, -4] });
  });

  it.each([
    [readMetres(''), /not a distance/],
    [readMetres('0'), /50 to 100000/],
    [readCount('2.5'), /whole/],
    [readCount('-1'), /1 to 200/],
    [readOffsets('fast'), /with commas between/],
    [readOffsets('500'), /−120 to 120/],
  ])('says what is wrong: %o', (read, why) => {
    expect(read).toMatchObject({ ok: false, problem: expect.stringMatching(why) as string });
  });
});
