import { describe, expect, it, vi } from 'vitest';
import { memoizeLast } from './memoize-last.js';

describe('the last answer', () => {
  it('is given again for the same object, and worked out anew for another', () => {
    const work = vi.fn(({ number }: { number: number }) => [number]);
    const ask = memoizeLast(work);
    const [one, other] = [{ number: 1 }, { number: 1 }];
    expect(ask(one)).toBe(ask(one));
    expect(ask(other)).not.toBe(ask(one));
    expect(ask(one)).toEqual([1]);
    expect(work).toHaveBeenCalledTimes(3);
  });
});
