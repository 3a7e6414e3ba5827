import type { BlockFile } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { givenOf, parseBlockFile } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import { answer, freshWishes } from './questions.js';

const today = '2027-02-10';
const fresh = freshWishes(today, 'monday', {}, null);
const asked = (part: Partial<BlockFile['race']>): BlockFile => ({
  ...fresh,
  race: { ...fresh.race, ...part },
});

describe('a new block', () => {
  it('starts as one that can be kept at once', () => {
    const { file, problems } = answer(fresh, today);
    expect(problems).toEqual([]);
    expect(parseBlockFile(file)).toMatchObject({ ok: true });
  });

  it('has a race far enough away, and starts this week at the earliest', () => {
    const { file } = answer(fresh, today);
    const block = layOut(givenOf(file ?? fresh));
    expect(block.weeks[0]?.start && block.weeks[0].start >= '2027-02-08').toBe(true);
  });

  it('takes the weeks that are left when they are fewer than usual', () => {
    // From the week of 8 February to that of 12 April are ten.
    const { wishes, reasons } = answer(asked({ distance: 42_195, date: '2027-04-18' }), today);
    expect(wishes.weeks).toBe(10);
    expect(reasons.weeks).toMatch(/^10 weeks are left\. 16 is usual for the marathon/);
  });

  it('takes the usual weeks when there is time', () => {
    const { wishes, reasons } = answer(asked({ distance: 42_195, date: '2027-10-03' }), today);
    expect(wishes.weeks).toBe(16);
    expect(reasons.weeks).toMatch(/^16 is usual/);
  });

  it('counts the weeks of a coach whose week starts on Sunday', () => {
    const sunday = { ...asked({ date: '2027-04-18' }), weekStartsOn: 'sunday' as const };
    expect(answer(sunday, today).wishes.start).toBe('2027-02-07');
  });

  it('refuses a day that has passed, in place', () => {
    const { file, problems } = answer(asked({ date: '2027-02-09' }), today);
    expect(file).toBeUndefined();
    expect(problems).toEqual([expect.objectContaining({ path: ['race', 'date'] })]);
    expect(answer(asked({ date: today }), today).problems).toEqual([]);
  });

  it('refuses wishes that contradict themselves, in place', () => {
    const { file, problems } = answer({ ...fresh, volume: { start: 60_000, peak: 50_000 } }, today);
    expect(file).toBeUndefined();
    expect(problems.map(({ path }) => path)).toEqual([['volume', 'peak']]);
  });

  it('keeps the weeks that the coach gave', () => {
    expect(answer({ ...fresh, weeks: 9 }, today).file?.weeks).toBe(9);
  });
});
