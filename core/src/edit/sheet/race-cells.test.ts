import { describe, expect, it } from 'vitest';
import { addDays, sum } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';
import { applyChange } from '../index.js';
import { type Writing, writeCells } from './index.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;
const block = layOut(marathon);
const week = block.weeks[9];
if (!week) throw new Error('no week 10');
const dateOf = (place: number) => addDays(week.start, place);
const SATURDAY = dateOf(5);

const write = (cells: Record<string, string>, writing: Writing = {}, on = block) => {
  const written = Object.entries(cells).map(([date, text]) => ({
    cell: { kind: 'day' as const, date },
    text,
  }));
  const found = writeCells(on, written, km, writing);
  const spec = applyChange<BlockSpec>(on.spec, found.command?.change ?? {});
  return { ...found, after: layOut(spec) };
};
const dayIn = ({ weeks }: typeof block, on: string) =>
  weeks.flatMap(({ days }) => days).find(({ date }) => date === on);

describe('a race that is typed into a day', () => {
  it('is one on the way, with warming up and cooling down; what was there goes', () => {
    const fixed = write({ [SATURDAY]: '12 easy' }).after;
    const { command, taken, after } = write({ [SATURDAY]: '10k race' }, {}, fixed);
    expect([command?.message, taken]).toEqual([
      expect.stringMatching(/^Wrote “10k race” for Sat /),
      1,
    ]);
    const event = { kind: 'tune-up-race', name: '10k race', from: SATURDAY, distance: 10_000 };
    expect(after.spec.events).toEqual([...block.spec.events, event]);
    expect(after.spec.days).toEqual([]);
    expect(dayIn(after, SATURDAY)).toMatchObject({ role: 'tune-up', distance: 14_000 });
  });

  it('is a test where it says so, and a run where anything else is said of it', () => {
    const { after } = write({ [SATURDAY]: 'TT 3 km', [dateOf(2)]: '10 km @ 10 km' });
    expect(after.spec.events.at(-1)).toMatchObject({ kind: 'test', distance: 3000 });
    expect(dayIn(after, dateOf(2))?.role).not.toBe('tune-up');
    expect(after.spec.events).toHaveLength(block.spec.events.length + 1);
  });

  it.each(['days', 'volume'] as const)(
    'lowers its week around what is written beside it, whichever gives way: the %s',
    (givesWay) => {
      // Wednesday is the one day that the long run could move to.
      const { after } = write({ [dateOf(2)]: '11', [SATURDAY]: '5 km race' }, { givesWay });
      const raced = after.weeks[9];
      expect(dayIn(after, dateOf(2))).toMatchObject({ role: 'semi-long', distance: 11_000 });
      expect(dayIn(after, SATURDAY)).toMatchObject({ role: 'tune-up', distance: 11_000 });
      expect(raced).toMatchObject({ volumeRule: 'event', longRun: 0 });
      expect(raced?.volume).toBe(sum(raced?.days.map(({ distance }) => distance) ?? []));
      expect(after.findings.map(({ check }) => check)).not.toContain('fixed-day-overruled');
    },
  );

  it('is none on a day that is over, raced already, or from the goal on', () => {
    const over = write({ [SATURDAY]: '10k race' }, { over: new Set([SATURDAY]) });
    expect([over.command, over.untaken[0]?.problem]).toEqual([
      undefined,
      expect.stringContaining('is over, and kept as it was handed out'),
    ]);
    const raced = write({ [SATURDAY]: '10k race' }).after;
    const again = write({ [SATURDAY]: '5k race' }, {}, raced);
    expect(again.untaken[0]?.problem).toMatch(/is raced: it is changed under/);
    const goal = write({ [block.spec.race.date]: '5k race' });
    expect(goal.untaken[0]?.problem).toMatch(/is raced: it is changed under/);
  });
});
