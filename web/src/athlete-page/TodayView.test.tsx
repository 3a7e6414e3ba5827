import { pageBlock } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { showBlock } from '@nadir/core/present/figures';
import { athleteBlock } from '@nadir/core/present/athlete-page';
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { TodayView } from './TodayView.js';

const RACE = '2027-02-14';
const laid = layOut({
  race: { name: 'Lantern Bay Marathon', date: RACE, distance: 42_195, goalTime: 11_700 },
  weeks: 16,
  athlete: { recentWeeks: [50_000] },
});
const shown = showBlock(laid, { basis: 'distance', unit: 'km', step: 1 });
const block = pageBlock.parse(athleteBlock(laid, shown, RACE));
const page = {
  athlete: 'Idris Vale',
  coach: 'Maren Tolvik',
  ends: '2099-12-31',
  daysAhead: 0,
  block,
  done: [],
  sore: [],
  said: [],
  requests: [],
};

afterEach(cleanup);

/** The weeks that are drawn on a day. */
function on(today: string): string[] {
  const given = { page, block, waiting: [], today, chosen: today };
  render(<TodayView {...given} onChoose={vi.fn()} onNote={vi.fn()} />);
  return screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent);
}

describe('the day of an athlete', () => {
  it('before the block begins shows its first week, once', () => {
    expect(on('2026-10-01')).toEqual(['Your block begins on Mon 26 Oct', 'Week 1']);
  });

  it('on race day says the goal', () => {
    expect(on(RACE)).toEqual(['Lantern Bay Marathon', 'This week']);
    expect(screen.getByText(/^Goal 3:15:00/)).toBeTruthy();
  });

  it('after the race says so, and shows the week it was run in', () => {
    expect(on('2027-02-16')).toEqual(['Your race has been run', 'Week 16']);
    expect(screen.getByText(/Maren says what comes next\.$/)).toBeTruthy();
  });
});
