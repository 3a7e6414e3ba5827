import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { rulesOf } from '../../rules/index.js';
import { validateSpec } from '../../layout/validate/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { anySpec } from '../../testing/any-spec.js';
import { marathon } from '../../testing/examples.js';
import { holdFor } from '../../testing/hold-for.js';
import { applyChange } from '../index.js';
import { arrangeAround } from './index.js';

const block = layOut(marathon);
const rules = rulesOf(block.spec);
/** Week 6: 18 to 24 January, hard on Tuesday and Friday, long on Sunday, rest on Thursday. */
const around = (blocked: string[], from = '2027-01-18') =>
  arrangeAround({ block, rules }, 6, { from, blocked: new Set(blocked) });
const after = (index: number, blocked: string[]) => {
  const { change } = around(blocked)[index]!.command;
  return layOut(applyChange(block.spec, change)).weeks[5]!.days;
};

describe('a week around days that will not do', () => {
  it('offers three arrangements at most, the nearest first, nothing on the blocked days', () => {
    const blocked = ['2027-01-23', '2027-01-24'];
    expect(around(blocked)).toHaveLength(3);
    for (const index of [0, 1, 2]) {
      const days = after(index, blocked);
      for (const date of blocked) {
        expect(days.find((day) => day.date === date)?.distance).toBe(0);
      }
    }
    expect(after(0, blocked).filter(({ role }) => role === 'long')).toHaveLength(1);
  });

  it('keeps easy days between the hard ones where it can', () => {
    const days = after(0, ['2027-01-22']);
    const hard = days.flatMap(({ role }, place) =>
      role === 'quality' || role === 'long' ? [place] : [],
    );
    hard.slice(1).forEach((place, index) => expect(place - (hard[index] ?? 0)).toBeGreaterThan(1));
  });

  it('has nothing to offer where nothing is run on those days, and leaves days before alone', () => {
    expect(around(['2027-01-21'])).toEqual([]);
    const [first] = around(['2027-01-24'], '2027-01-22');
    expect(first?.days.every(({ date }) => date >= '2027-01-22')).toBe(true);
  });

  it('puts no two demanding days on one, nor drops one while days are free', () => {
    const days = after(0, ['2027-01-22', '2027-01-24']);
    expect(days.filter(({ role }) => role === 'quality')).toHaveLength(2);
    expect(days.filter(({ role }) => role === 'long')).toHaveLength(1);
  });

  it('takes a session along as it stands, and no words with a long run', () => {
    const friday = block.weeks[5]?.days.find(({ date }) => date === '2027-01-22');
    expect(friday?.sessions[0]?.shorthand).toContain('7 x 400 m');
    const [first] = around(['2027-01-22']);
    expect(first?.command.message).toBe('Arranged the week around Fri 22 Jan: quality on Thu.');
    expect(first?.words).toBe('Quality on Thu');
    const [moved, left] = first?.command.change.days ?? [];
    expect(moved).toMatchObject({ date: '2027-01-21', role: 'quality' });
    expect(moved?.session).toContain('7 x 400 m');
    expect(left).toEqual({ date: '2027-01-22', role: 'rest' });
    const [long] = around(['2027-01-24']);
    const longDay = long?.command.change.days?.find(({ role }) => role === 'long');
    expect(longDay).toBeDefined();
    expect(longDay?.session).toBeUndefined();
  });

  it('takes the run beside a written session along with it', () => {
    const session = '6 x 1 km @ 10-km, 90 s jog';
    const otherRun = { session: '10 x 400 m @ 5-km, 1 min jog', first: false };
    const fixed = { date: '2027-01-22', role: 'quality', session, otherRun } as const;
    const twice = layOut({ ...marathon, days: [fixed] });
    const blocked = new Set(['2027-01-22']);
    const [first] = arrangeAround({ block: twice, rules }, 6, { from: '2027-01-18', blocked });
    expect(first?.command.change.days).toEqual([
      expect.objectContaining({ date: '2027-01-21', otherRun }),
      { date: '2027-01-22', role: 'rest' },
    ]);
  });

  it('leaves no second long run where one was written for a day that a journey takes from it', () => {
    // Written for a Sunday away, it is laid on the Saturday before.
    const spec: BlockSpec = {
      ...marathon,
      events: [{ kind: 'away', name: 'Ferry', from: '2027-01-24', to: '2027-01-24' }],
      days: [{ date: '2027-01-24', role: 'long', session: '20 km easy' }],
    };
    const laid = layOut(spec);
    const long = laid.weeks[5]?.days.find(({ role }) => role === 'long');
    expect(long?.date).toBe('2027-01-23');
    const found = arrangeAround({ block: laid, rules: rulesOf(laid.spec) }, 6, {
      from: '2027-01-18',
      blocked: new Set(['2027-01-23']),
    });
    expect(found.length).toBeGreaterThan(0);
    for (const { command } of found) {
      const days = applyChange(laid.spec, command.change).days;
      expect(days.filter(({ role }) => role === 'long').length).toBeLessThanOrEqual(1);
    }
  });

  it('always gives a block that can be laid out', () => {
    holdFor(
      fc.property(anySpec, fc.nat(29), fc.array(fc.nat(6), { maxLength: 4 }), (spec, at, lost) => {
        const laid = layOut(spec);
        const week = laid.weeks[at % laid.weeks.length]!;
        const blocked = new Set(lost.flatMap((day) => week.days[day % week.length]?.date ?? []));
        const found = arrangeAround({ block: laid, rules: rulesOf(laid.spec) }, week.number, {
          from: week.start,
          blocked,
        });
        for (const { command } of found) {
          expect(validateSpec(applyChange(laid.spec, command.change))).toEqual([]);
        }
      }),
    );
  });
});
