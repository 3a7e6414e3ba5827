import { describe, expect, it } from 'vitest';
import { sessionOf } from '../shorthand/parse-session.js';
import { printSession } from '../shorthand/print-session.js';
import { onceAsRun, runAsOnce } from './once.js';

const partsOf = (text: string) => sessionOf(text)?.parts ?? [];
const once = (text: string) => printSession({ parts: onceAsRun(partsOf(text)) });
const again = (text: string, like: string) =>
  printSession({ parts: runAsOnce(partsOf(text), partsOf(like)) });

describe('what is repeated once', () => {
  it('is a run; of a set of one the repetitions are left', () => {
    expect(once('1 x 8 min @ race pace, 2 min jog')).toBe('8 min @ race pace');
    expect(once('2 x (1 x 200 m @ race pace, 200 m jog), 5 min jog')).toBe(
      '2 x 200 m @ race pace, 5 min jog',
    );
  });

  it('leaves everything else as it is', () => {
    for (const text of [
      '2 x 8 min @ race pace, 2 min jog',
      '1 x 8 min @ race pace, 2 min jog incl. last',
      '2 x (1 x 200 m @ race pace, 200 m jog; 1 km easy), 5 min jog',
      '2 x (3 x 200 m @ race pace, 200 m jog), 5 min jog',
    ]) {
      expect(once(text)).toBe(text);
    }
  });

  it('is one of the repetitions that it stands for', () => {
    const [repeat, set] = [
      '3 x 8 min @ race pace, 2 min jog',
      '2 x (2 x 200 m @ race pace, 200 m jog), 5 min jog',
    ];
    expect(again('10 min @ race pace', repeat)).toBe('1 x 10 min @ race pace, 2 min jog');
    expect(again('2 x 200 m @ race pace, 5 min jog', set)).toBe(
      '2 x (1 x 200 m @ race pace, 200 m jog), 5 min jog',
    );
    expect(again('2 x 8 min @ race pace, 2 min jog', repeat)).toBe(
      '2 x 8 min @ race pace, 2 min jog',
    );
    expect(again('10 min @ race pace', '20 min @ race pace')).toBe('10 min @ race pace');
  });
});
