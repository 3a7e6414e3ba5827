import { describe, expect, it } from 'vitest';
import { type Measure } from '../../base/index.js';
import { measuredOf } from './measured.js';

const km: Measure = { basis: 'distance', unit: 'km', step: 1 };

describe('what is drawn of a finding', () => {
  it('is its figures with their sense, hand-worked', () => {
    expect(measuredOf({ check: 'growth-over-cap', value: 0.138, limit: 0.1 }, km)).toEqual({
      value: 0.138,
      limit: 0.1,
      words: '14%',
      limitWords: '10% at most',
    });
    expect(measuredOf({ check: 'run-too-short', value: 2000, limit: 4000 }, km)).toMatchObject({
      words: '2 km',
      limitWords: '4 km at least',
    });
    expect(measuredOf({ check: 'test-missing', value: 9, limit: 6 }, km)?.words).toBe('9 weeks');
    expect(measuredOf({ check: 'paces-stale', value: 87 / 7, limit: 12 }, km)).toMatchObject({
      words: '12 weeks 3 days',
      limitWords: '12 weeks at most',
    });
    expect(
      measuredOf({ check: 'goal-far-from-fitness', value: 0.0131, limit: 0.0013 }, km),
    ).toMatchObject({ words: '1.3%', limitWords: '0.1% at most' });
    expect(measuredOf({ check: 'phase-too-short', value: 1, limit: 2 }, km)?.words).toBe('1 week');
    expect(measuredOf({ check: 'recovery-too-shallow', value: -0.04, limit: 0.2 }, km)?.words).toBe(
      '−4%',
    );
  });

  it('never shows the limit as what was measured', () => {
    const near = measuredOf({ check: 'any-run-over-long-run', value: 17_300, limit: 17_000 }, km);
    expect(near?.limitWords.startsWith(near.words)).toBe(false);
  });

  it('is nothing for what is counted by its days', () => {
    expect(measuredOf({ check: 'rest-before-hard', value: 5, limit: 0 }, km)).toBeUndefined();
  });
});
