import { layOut } from '@nadir/core';
import { weekPatterns } from '@nadir/core/edit/week';
import type { BlockSpec } from '@nadir/core/spec';
import { describe, expect, it } from 'vitest';
import { cycleOn, cyclesOf } from './cycle-days.js';

const given: BlockSpec = {
  race: { name: 'Gullstone 10', date: '2027-03-28', distance: 10_000 },
  weeks: 8,
};

describe('days side by side', () => {
  it('are the weeks of the block, each day with its week', () => {
    const cycles = cyclesOf(layOut(given));
    expect(cycles.map(({ number, days }) => [number, days.length])).toEqual(
      Array.from({ length: 8 }, (_, index) => [index + 1, 7]),
    );
    expect(cycles[2]?.days[3]).toMatchObject({ place: 3, week: { number: 3 } });
  });

  it('are the coach’s own cycle where it is not a week', () => {
    const days = [...weekPatterns['nine-days'].days];
    const cycles = cyclesOf(layOut({ ...given, week: { days } }));
    // 56 days are six nines and two.
    expect(cycles.map((cycle) => cycle.days.length)).toEqual([9, 9, 9, 9, 9, 9, 2]);
    expect(cycles[0]?.days.map(({ week }) => week.number)).toEqual([1, 1, 1, 1, 1, 1, 1, 2, 2]);
  });

  it('begin with the block where its first week is short', () => {
    const cycles = cyclesOf(layOut({ ...given, weeks: undefined, start: '2027-02-04' }));
    expect(cycles[0]?.days.length).toBe(4);
    expect(cycles[1]?.days[0]?.day.date).toBe('2027-02-08');
  });

  it('are found by any date, the nearest outside the block', () => {
    const cycles = cyclesOf(layOut(given));
    expect(cycleOn(cycles, '2027-02-10')?.number).toBe(2);
    expect(cycleOn(cycles, '2026-01-01')?.number).toBe(1);
    expect(cycleOn(cycles, '2028-01-01')?.number).toBe(8);
  });
});
