import { describe, expect, it } from 'vitest';
import { dayWords } from '../../base/format/index.js';
import { rulesOf } from '../../rules/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { showBlock } from '../figures/show.js';
import { whyVolume } from './why.js';
import { whyDay } from './why-day.js';

const measure = { basis: 'distance', unit: 'km', step: 1 } as const;

/** The reasons of a week's days, in order. */
function reasons(change: Partial<BlockSpec>, number: number): string[] {
  const block = layOut({ ...marathon, ...change });
  const week = block.weeks[number - 1]!;
  const shown = showBlock(block, measure);
  return week.days.map((day) => whyDay(week, day, shown, rulesOf(block.spec)));
}

describe('why a day holds what it holds', () => {
  it('hand-worked week 1: 55 km less 19 long and a session of 11 leave 25 for four', () => {
    expect(reasons({}, 1)).toEqual([
      'Easy, the day after the long run, 55% of an easy day: its part of the 25 km that 4 days share.',
      'Loose minutes, exposure 1, with room to warm up and cool down.',
      'Easy, in mid-week, 110% of an easy day: its part of the 25 km that 4 days share.',
      'Rest.',
      'Easy: its part of the 25 km that 4 days share.',
      'Short easy, 70% of an easy day: its part of the 25 km that 4 days share.',
      'The long run: 19 km of 55 km.',
    ]);
  });

  it('names what the coach fixed', () => {
    const found = reasons(
      {
        days: [
          { date: '2026-12-14', amount: 5000 },
          { date: '2026-12-15', session: '8 km steady' },
          { date: '2026-12-16', swap: { kind: 'bike', reason: 'travel' } },
          { date: '2026-12-18', role: 'cross-train' },
        ],
      },
      1,
    );
    expect(found.slice(0, 3)).toEqual([
      'Fixed; kept exactly.',
      'As long as the session you wrote.',
      'Bike instead of easy, minute for minute (travel).',
    ]);
    expect(found[4]).toBe('45 min of cross-training, by the house rule.');
  });

  it('names days away and races', () => {
    const events = [
      { kind: 'away', name: 'Away', from: '2026-12-16' } as const,
      { kind: 'test', name: 'Time trial', from: '2026-12-18' } as const,
    ];
    const found = reasons({ events }, 1);
    expect(found[2]).toBe('Away: no running, and none of it made up.');
    expect(found[4]).toBe('As long as the race or test itself.');
  });

  it('says what days away take of a week, and what a camp does not', () => {
    // Week 2 rests on Thursday; a run of Wednesday finds its place there.
    const away = (from: string, to = from) => ({ kind: 'away', name: 'Away', from, to }) as const;
    expect(reasons({ events: [away('2026-12-23')] }, 2)[2]).toBe(
      'Away: the week loses nothing by it.',
    );
    expect(reasons({ events: [away('2026-12-22', '2026-12-23')] }, 2)[2]).toBe(
      'Away: no running, and none of it made up.',
    );
    const camp = {
      kind: 'camp',
      name: 'Ostrel camp',
      from: '2026-12-21',
      to: '2026-12-27',
    } as const;
    expect(reasons({ events: [{ ...camp, running: 1.2 }] }, 2)[2]).toMatch(/days share\.$/);
    expect(reasons({ events: [{ ...camp, running: 0.9 }] }, 2)[2]).toMatch(/^No longer than/);
  });

  it('tells of a week what fixed and swapped days make of it', () => {
    const swap = { kind: 'pool', reason: 'soreness' } as const;
    const block = layOut({ ...marathon, days: [{ date: '2026-12-16', swap }] });
    const shown = showBlock(block, measure);
    // 55 km less the 8 of Wednesday.
    expect(whyVolume(block, block.weeks[0]!, shown)).toBe(
      'The starting volume. Fixed and swapped days make it 47 km.',
    );
    expect(whyVolume(block, block.weeks[1]!, shown)).not.toContain('Fixed');
  });

  it('says a date as a coach does', () => {
    expect(dayWords('2027-03-02')).toBe('Tue 2 Mar');
  });
});
