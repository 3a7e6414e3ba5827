import { describe, expect, it } from 'vitest';
import { sum } from '../../base/index.js';
import { layOut } from '../../lay-out.js';
import type { BlockEvent } from '../../spec/days/index.js';
import { marathon } from '../../testing/examples.js';
import { applyChange, freeWeeks } from '../index.js';
import { writeCells } from '../sheet/index.js';
import { carryDays, keepLengths } from './index.js';

const km = { basis: 'distance', unit: 'km', step: 0.5 } as const;
const block = layOut(marathon);

/** Week 6 as a coach types it, Monday to Saturday. */
const typed = ['8', '12', '5+9', 'rest', '10', '40 min pool'];
const dates = block.weeks[5]?.days.map(({ date }) => date) ?? [];
const written = writeCells(
  block,
  typed.map((text, place) => ({ cell: { kind: 'day', date: dates[place] ?? '' }, text })),
  km,
  { givesWay: 'volume' },
);
const own = layOut(applyChange(marathon, written.command?.change ?? {}));
const lengths = (of: typeof own, week: number) =>
  of.weeks[week - 1]?.days.map(({ distance, role }) => (role === 'cross-train' ? role : distance));
const after = (change: object, of = own) => layOut(applyChange(of.spec, change));

describe('the days of a week', () => {
  it('are carried to other weeks as they are: figures, two runs, rest and the pool', () => {
    const { change, message } = carryDays(own, 6, [6, 7, 9], 'as-they-are');
    const carried = after(change);
    const long = own.weeks[5]?.longRun;
    const wanted = [8000, 12_000, 14_000, 0, 10_000, 'cross-train', long];
    for (const week of [6, 7, 9]) expect(lengths(carried, week), String(week)).toEqual(wanted);
    expect(carried.weeks[6]?.days[2]?.sessions.map(({ distance }) => distance)).toEqual([
      5000, 9000,
    ]);
    expect(carried.weeks[8]?.volume).toBe(44_000 + (long ?? 0));
    expect(carried.spec.pins.some(({ week }) => week === 8)).toBe(false);
    expect(message).toBe('Copied the days of week 6 to weeks 7, 9.');
  });

  it('are scaled to the volume that each week has, and add up to it', () => {
    const carried = after(carryDays(own, 6, [6, 9], 'scaled').change);
    const week = carried.weeks[8];
    expect(week?.volume).toBe(own.weeks[8]?.volume);
    expect(sum(week?.days.map(({ distance }) => distance) ?? [])).toBe(week?.volume);
    // Its Tuesday was half as long again as its Monday: so it is, to a step.
    const [monday = 0, tuesday = 0] = week?.days.map(({ distance }) => distance) ?? [];
    expect(Math.abs(tuesday - 1.5 * monday)).toBeLessThanOrEqual(1000);
    expect(week?.days.map(({ role }) => role)).toEqual(own.weeks[5]?.days.map(({ role }) => role));
  });

  it('keep the length of what is written out, and share what it leaves', () => {
    const date = dates[1] ?? '';
    const spelt = writeCells(
      block,
      [{ cell: { kind: 'day', date }, text: '4 km easy; 5 km @ marathon; 2 km easy' }],
      km,
      {
        givesWay: 'volume',
      },
    );
    const from = layOut(applyChange(marathon, spelt.command?.change ?? {}));
    const carried = after(carryDays(from, 6, [9], 'scaled').change, from);
    expect(carried.weeks[8]?.days[1]?.distance).toBe(11_000);
    expect(carried.weeks[8]?.volume).toBe(from.weeks[8]?.volume);
  });

  it('leave a race where it stands, and no long run beside it', () => {
    const sunday = own.weeks[8]?.days[6]?.date ?? '';
    const race = { kind: 'tune-up-race', name: 'Gullstone 10', from: sunday, distance: 10_000 };
    const raced = layOut({ ...own.spec, events: [race as BlockEvent] });
    const carried = after(carryDays(raced, 6, [9], 'as-they-are').change, raced);
    const roles = carried.weeks[8]?.days.map(({ role }) => role);
    expect(roles?.[6]).toBe('tune-up');
    expect(roles).not.toContain('long');
    expect(lengths(carried, 9)?.slice(0, 5)).toEqual([8000, 12_000, 14_000, 0, 10_000]);
    expect(carried.findings.some(({ check }) => check === 'week-over-wish')).toBe(false);
  });

  it('leave race week alone', () => {
    const carried = after(carryDays(own, 6, [18], 'as-they-are').change);
    expect(lengths(carried, 18)).toEqual(lengths(own, 18));
  });

  it('are kept at their lengths through the block', () => {
    const kept = after(keepLengths(own, 6).change);
    for (const week of [3, 10, 12]) expect(lengths(kept, week)?.[0], String(week)).toBe(8000);
  });

  it('are freed with what else is fixed of their weeks, but what is over', () => {
    const freed = freeWeeks(own, [6], new Set());
    expect(after(freed?.change ?? {}).spec).toEqual(block.spec);
    const half = freeWeeks(own, [6], new Set(dates.slice(0, 3)));
    expect(half?.change).toMatchObject({ days: own.spec.days.slice(0, 3), pins: [] });
    expect(freeWeeks(block, [6], new Set())).toBeUndefined();
    // A week that is over is not freed of its pins either.
    const week = own.weeks[5]?.days.map(({ date }) => date);
    expect(freeWeeks(own, [6], new Set(week))).toBeUndefined();
  });
});
