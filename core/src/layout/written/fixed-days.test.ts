import { describe, expect, it } from 'vitest';
import { sum, weekdayOf } from '../../base/index.js';
import { applyChange } from '../../edit/index.js';
import { writeCells } from '../../edit/sheet/index.js';
import { fixWeekday, freeDay, freeWeekday, lengthenDay } from '../../edit/week/index.js';
import { validateSpec } from '../validate/index.js';
import { layOut } from '../../lay-out.js';
import type { BlockSpec } from '../../spec/index.js';
import { marathon } from '../../testing/examples.js';

const KM = { basis: 'distance', unit: 'km', step: 1 } as const;

function mondays(spec: BlockSpec) {
  return layOut(spec).weeks.map(
    ({ days }) => days.find(({ date }) => weekdayOf(date) === 'monday')?.distance,
  );
}

describe('a weekday that is fixed', () => {
  const fixed: BlockSpec = {
    ...marathon,
    week: { ...marathon.week, fixed: [{ weekday: 'monday', amount: 10_000 }] },
  };

  it('has its length in every week, and the weeks add up around it', () => {
    expect(mondays(fixed)).toEqual(Array.from({ length: 18 }, () => 10_000));
    const plain = layOut(marathon).weeks;
    for (const { number, volume, kind, days } of layOut(fixed).weeks.slice(0, 12)) {
      expect(kind).not.toBe('race');
      expect(sum(days.map(({ distance }) => distance))).toBe(volume);
      expect(volume).toBe(plain[number - 1]?.volume);
    }
  });

  it('gives way to a date that the coach fixed, and to a race on the way', () => {
    const days = [{ date: '2026-12-21', amount: 14_000, role: 'easy' as const }];
    const race = {
      kind: 'tune-up-race' as const,
      name: 'Gull Point Ten',
      from: '2027-02-01',
      distance: 10_000,
    };
    const found = mondays({ ...fixed, days, events: [race] });
    expect(found[1]).toBe(14_000);
    expect(found[7]).toBeGreaterThan(10_000);
    expect(found[8]).toBe(10_000);
  });

  it('opens a rest day, holds in its phases or weeks alone, and carries a session', () => {
    const thursday: BlockSpec = {
      ...marathon,
      week: {
        ...marathon.week,
        fixed: [{ weekday: 'thursday', session: '6 km easy; 5 x 20 s @ strides', weeks: [2, 3] }],
      },
    };
    const words = layOut(thursday)
      .weeks.slice(0, 4)
      .map(({ days }) => days[3]?.sessions.map(({ shorthand }) => shorthand).join());
    expect(words[1]).toMatch(/^6 km easy; 5 x 20 s/);
    expect(words[2]).toBe(words[1]);
    expect([words[0], words[3]]).toEqual(['', '']);
  });

  it('is done otherwise on one date without losing its length, and said where it cannot be run', () => {
    const pool = { kind: 'pool', reason: 'soreness' } as const;
    const swapped = layOut({ ...fixed, days: [{ date: '2026-12-21', swap: pool }] });
    const day = swapped.weeks[1]?.days[0];
    const usual = layOut(fixed).weeks[1]?.days[0];
    expect(day).toMatchObject({ distance: 0, swap: pool });
    // Minute for minute: ten kilometres at the pace of the day.
    expect(day?.cross.time).toBe(60 * Math.round((usual?.time ?? 0) / 60));
    const athlete = { ...marathon.athlete, unavailable: ['monday' as const] };
    const found = layOut({ ...fixed, athlete }).findings;
    expect(found.map(({ check }) => check)).toContain('session-outside-days');
  });

  it('stays as it is while a week is made the sum of its days, and is not freed by one of them', () => {
    const session = '6 km easy; 5 x 20 s @ strides';
    const block = layOut({
      ...marathon,
      week: { ...marathon.week, fixed: [{ weekday: 'wednesday', session }] },
    });
    const written = writeCells(
      block,
      [{ cell: { kind: 'day', date: '2026-12-21' }, text: '12' }],
      KM,
      { givesWay: 'volume' },
    );
    const after = layOut(applyChange<BlockSpec>(block.spec, written.command?.change ?? {}));
    const { days = [], volume } = after.weeks[1] ?? {};
    expect(days[2]?.sessions[0]?.shorthand).toBe(block.weeks[1]?.days[2]?.sessions[0]?.shorthand);
    expect(sum(days.map(({ distance }) => distance))).toBe(volume);
    const freed = writeCells(block, [{ cell: { kind: 'day', date: '2026-12-23' }, text: '' }], KM);
    expect(freed.untaken[0]?.problem).toMatch(/^Wednesdays are fixed through the block/);
    expect(freeDay(block, '2026-12-23')).toMatch(/^Wednesdays are fixed/);
  });

  it('in the pool is lengthened in the pool, with its session', () => {
    const session = '10 x 2 min @ 5-km, 1 min jog';
    const block = layOut({
      ...marathon,
      week: {
        ...marathon.week,
        fixed: [
          { weekday: 'wednesday', role: 'cross-train', cross: 'pool', crossTime: 2400, session },
        ],
      },
    });
    const longer = lengthenDay(block, '2026-12-23', { shown: 0, by: 1 }, KM);
    const days = [
      { date: '2026-12-23', role: 'cross-train', cross: 'pool', crossTime: 2700, session },
    ];
    expect(longer).toMatchObject({ change: { days } });
  });

  it('is fixed and freed by one act each', () => {
    const block = layOut(marathon);
    const rule = { weekday: 'monday', amount: 10_000 } as const;
    const { change, message } = fixWeekday(block, rule, KM);
    expect(message).toBe('Mondays: 10 km.');
    const held = applyChange(block.spec, change);
    expect(mondays(held)[0]).toBe(10_000);
    const freed = applyChange(held, freeWeekday(layOut(held), rule).change);
    expect(mondays(freed)).toEqual(mondays(marathon));
  });

  it('is refused where it is beyond anyone, or the long run', () => {
    const withMonday = (rule: object) => ({
      ...marathon,
      week: { ...marathon.week, fixed: [{ weekday: 'monday' as const, ...rule }] },
    });
    expect(validateSpec(withMonday({ amount: 400_000 }))).toMatchObject([
      { code: 'amount-out-of-range', path: ['week', 'fixed', 0, 'amount'] },
    ]);
    expect(validateSpec(withMonday({ role: 'long' }))).toMatchObject([
      { code: 'long-run-weekday' },
    ]);
  });
});
