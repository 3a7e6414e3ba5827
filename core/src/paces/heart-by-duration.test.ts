import { describe, expect, it } from 'vitest';
import { heartByDuration } from './heart-by-duration.js';

describe('a heart band by how long a pace can be held', () => {
  it('hand-worked: halfway in logs between half an hour and an hour', () => {
    const band = heartByDuration(Math.sqrt(1800 * 3600));
    expect(band.from).toBeCloseTo(0.89, 9);
    expect(band.to).toBeCloseTo(0.94, 9);
  });

  it('ends with the table', () => {
    expect(heartByDuration(120)).toEqual({ of: 'maximum', from: 0.96, to: 1 });
    expect(heartByDuration(20_000)).toEqual({ of: 'maximum', from: 0.8, to: 0.87 });
  });

  it('is never higher for what is held longer', () => {
    for (let seconds = 300; seconds < 15_000; seconds += 300) {
      const [now, later] = [heartByDuration(seconds), heartByDuration(seconds + 300)];
      expect(later.from).toBeLessThanOrEqual(now.from);
      expect(later.to).toBeLessThanOrEqual(now.to);
    }
  });
});
