import type { Knex } from 'knex';
import { athleteBody } from '@nadir/contract';
import { describe, expect, it, vi } from 'vitest';
import { stored } from './stored.js';
import { troubleOf } from './trouble.js';
import { waitForDatabase } from './wait-for-database.js';
import { TooSlow, within } from './within.js';

const refused = Object.assign(new Error('connect'), { code: 'ECONNREFUSED' });
const starting = Object.assign(new Error('starting up'), { code: '57P03' });
const wrong = Object.assign(new Error('password'), { code: '28P01' });

describe('waiting for a database', () => {
  const asking = (...errors: Error[]) => {
    const raw = vi.fn(() => {
      const error = errors.shift();
      return error ? Promise.reject(error) : Promise.resolve();
    });
    return { raw, knex: { raw } as unknown as Knex };
  };

  it('asks again while it starts', async () => {
    const { knex, raw } = asking(refused, starting);
    await waitForDatabase(knex);
    expect(raw).toHaveBeenCalledTimes(3);
  });

  it('does not wait for what waiting will not mend', async () => {
    const { knex, raw } = asking(wrong);
    await expect(waitForDatabase(knex)).rejects.toBe(wrong);
    expect(raw).toHaveBeenCalledTimes(1);
  });
});

describe('trouble', () => {
  it.each([
    [refused, 'away'],
    [starting, 'away'],
    [Object.assign(new Error('x'), { code: '53100' }), 'disk-full'],
    [Object.assign(new Error('x'), { code: '25006' }), 'cannot-write'],
    [wrong, undefined],
    [Object.assign(new Error('duplicate key'), { code: '23505' }), undefined],
    [new Error('phases: expected one for week 1'), undefined],
    ['Connection terminated', undefined],
  ])('%o is %s', (error, trouble) => {
    expect(troubleOf(error)).toBe(trouble);
  });
});

describe('within a time', () => {
  it('gives what came in it, and no more of what did not', async () => {
    expect(await within(1000, Promise.resolve(7))).toBe(7);
    await expect(within(1000, Promise.reject(wrong))).rejects.toBe(wrong);
    await expect(within(1, new Promise(() => undefined))).rejects.toThrow(TooSlow);
  });
});

describe('what was stored before texts were bounded', () => {
  it('is read without its control characters, and else as it is', () => {
    const results = [{ date: '2026-11-08', distance: 10_000, time: 2430, name: 'Tim\u0092s 10' }];
    const read = stored(athleteBody, { name: 'Wren\u0007 Castellan', results, unit: 'mi' });
    expect(read).toMatchObject({
      name: 'Wren Castellan',
      unit: 'mi',
      results: [{ name: 'Tims 10' }],
    });
    expect(() => stored(athleteBody, { name: 'Wren', unit: 'furlong' })).toThrow();
  });
});
