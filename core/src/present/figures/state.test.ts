import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { askedIn, stateOf } from './state.js';

const given: BlockSpec = {
  athlete: { recentWeeks: [50_000, 50_000] },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 16,
};
const statesOf = (spec: BlockSpec) => {
  const { weeks } = layOut(spec);
  const first = weeks[0];
  const peak = weeks.find(({ volumeRule }) => volumeRule === 'peak');
  if (!first || !peak) throw new Error('no first week, or none at the peak');
  const asked = askedIn(spec);
  return [
    stateOf(first, 'volume', asked),
    stateOf(peak, 'volume', asked),
    stateOf(first, 'longRun', asked),
  ];
};

describe('the state of a figure', () => {
  it('is worked out where the plan names no aim, though the week stands at one', () => {
    expect(statesOf(given)).toEqual(['worked-out', 'worked-out', 'worked-out']);
  });

  it('is asked for each aim that the plan names', () => {
    expect(statesOf({ ...given, volume: { start: 52_000 } })).toEqual([
      'asked',
      'worked-out',
      'worked-out',
    ]);
    expect(statesOf({ ...given, volume: { peak: 70_000 }, longRun: { start: 15_000 } })).toEqual([
      'worked-out',
      'asked',
      'asked',
    ]);
  });

  it('is fixed where it is pinned, and worked out where it cannot be', () => {
    const pins = [{ week: 1, volume: 48_000 }];
    expect(statesOf({ ...given, pins })[0]).toBe('fixed');
    const [week] = layOut(given).weeks;
    expect(week && stateOf(week, undefined, askedIn(given))).toBe('worked-out');
  });
});
