import { describe, expect, it, vi } from 'vitest';
import { isUphill, Run } from './run.js';

const figures = {
  distance: 9000,
  time: 3015,
  hardDistance: 0,
  hardTime: 0,
  uphill: false,
  family: undefined,
};

describe('a run', () => {
  it('is put into words when they are read, not before', () => {
    const words = vi.fn(() => '9 km easy');
    const run = new Run(words, figures);
    expect(words).not.toHaveBeenCalled();
    expect(run.shorthand).toBe('9 km easy');
  });

  it('is written out with its words', () => {
    const written: unknown = JSON.parse(JSON.stringify(new Run(() => '9 km easy', figures)));
    expect(written).toEqual({
      kind: 'run',
      shorthand: '9 km easy',
      distance: 9000,
      time: 3015,
      hardDistance: 0,
      hardTime: 0,
    });
  });

  it('knows whether it goes uphill without its words; what was handed out has it in them', () => {
    const words = vi.fn(() => '8 x 200 m @ mile uphill');
    expect(isUphill(new Run(words, { ...figures, uphill: true }))).toBe(true);
    expect(isUphill(new Run(words, figures))).toBe(false);
    expect(words).not.toHaveBeenCalled();
    const handedOut = new Run(words, figures).toJSON();
    expect(isUphill(handedOut)).toBe(true);
    expect(isUphill({ ...handedOut, shorthand: '9 km easy' })).toBe(false);
  });
});
