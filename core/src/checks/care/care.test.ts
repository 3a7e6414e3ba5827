import { describe, expect, it } from 'vitest';
import { laid, observed, weeksFound, withAthlete, withWeeks } from '../../testing/edited.js';
import { injuredHardRunning } from './injured-hard-running.js';
import { under18HardDays } from './under-18-hard-days.js';
import { under18Week } from './under-18-week.js';

// The block begins in December 2026: born in 2008 the athlete turns 18 in that year and is held young in it.
const young = withAthlete(laid, { birthYear: 2008 });
const grown = withAthlete(laid, { birthYear: 2007 });

describe('hard days of the young', () => {
  const heavy = { 7: { hardDays: 3 }, 8: { hardDays: 2 } };

  it('are two a week at most, in the year of the eighteenth birthday too', () => {
    expect(observed(under18HardDays, withWeeks(young, heavy))).toEqual([
      { weeks: [7], value: 3, limit: 2 },
    ]);
  });

  it('are no matter from 19 on, nor where no year of birth is known', () => {
    expect(weeksFound(under18HardDays, withWeeks(grown, heavy))).toEqual([]);
    const unknown = withAthlete(laid, { birthYear: undefined });
    expect(weeksFound(under18HardDays, withWeeks(unknown, heavy))).toEqual([]);
  });
});

describe('weeks of the young', () => {
  // The cap is 60 km: weeks 3 of 61, and every building week from 5 of 64 km on.
  it('are 60 km at most, to the metre', () => {
    expect(weeksFound(under18Week, young).slice(0, 3)).toEqual([3, 5, 6]);
    const held = Object.fromEntries(laid.weeks.map(({ number }) => [number, { volume: 60_000 }]));
    expect(weeksFound(under18Week, withWeeks(young, held))).toEqual([]);
    expect(observed(under18Week, withWeeks(young, { ...held, 9: { volume: 60_001 } }))).toEqual([
      { weeks: [9], value: 60_001, limit: 60_000 },
    ]);
  });

  it('by time are the cap at the easy pace: 60 km at 6:00/km are six hours', () => {
    const byTime = { ...withAthlete(young, { basis: 'time' as const }), easyPace: 360 };
    const found = (volume: number) =>
      observed(under18Week, withWeeks(byTime, { 9: { volume } })).filter(({ weeks }) =>
        weeks.includes(9),
      );
    expect(found(21_600)).toEqual([]);
    expect(found(21_660)).toMatchObject([{ value: 21_660, limit: 21_600 }]);
  });

  it('are as heavy as they are from 19 on', () => {
    expect(weeksFound(under18Week, grown)).toEqual([]);
  });
});

describe('an injured athlete', () => {
  it('races nothing and tests nothing: every hard day that is left is a stop', () => {
    const injured = withAthlete(laid, { injured: true });
    const weeks = {
      ...Object.fromEntries(laid.weeks.map(({ number }) => [number, { hardDays: 0 }])),
    };
    expect(weeksFound(injuredHardRunning, withWeeks(injured, weeks))).toEqual([]);
    expect(
      observed(injuredHardRunning, withWeeks(injured, { ...weeks, 12: { hardDays: 1 } })),
    ).toEqual([{ weeks: [12], value: 1, limit: 0 }]);
    expect(weeksFound(injuredHardRunning, laid)).toEqual([]);
  });
});
