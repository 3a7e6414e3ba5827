import type { BlockFile } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import { beforeMove, moveOf } from './useRaceDay.js';
import * as wording from './wording.js';

const from: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  race: { name: 'Pier 10', date: '2027-05-30', distance: 10_000 },
  weeks: 12,
  events: [{ kind: 'test', name: 'Mile', from: '2027-04-11' }],
};
const part = {
  start: undefined,
  weeks: 12,
  race: { ...from.race, date: '2020-05-30' },
  events: [],
};
const asked: BlockFile = { ...from, ...part };

describe('a race day on its way to another', () => {
  it('is counted from where the race stood first, and takes back what the other made', () => {
    expect(beforeMove(asked, { from, part })).toEqual(from);
    expect(beforeMove(asked, undefined)).toBe(asked);
  });

  it('keeps what was answered since', () => {
    const answered = { ...asked, weeks: 10, race: { ...asked.race, name: 'Pier 12' } };
    expect(beforeMove(answered, { from, part })).toEqual({
      ...from,
      weeks: 10,
      race: { ...from.race, name: 'Pier 12' },
    });
  });
});

describe('a race day that is taken in', () => {
  // Twelve weeks to 30 May 2027 begin on 8 March.
  const written: BlockFile = {
    ...from,
    events: [],
    days: [{ date: '2027-03-16', role: 'easy', amount: 8000 }],
  };
  const soon = { date: '2027-06-06', today: '2027-02-10', takesDays: true };

  it('takes what is written along, where the coach is asked', () => {
    const { part: later, along } = moveOf(written, soon);
    expect(along).toBe(wording.writtenGoesAlong);
    expect(later).toMatchObject({ weeks: 12, start: undefined });
    expect(later.days).toMatchObject([{ date: '2027-03-23' }]);
    const stays = moveOf(written, { ...soon, takesDays: false });
    expect(stays.part.days).toEqual(written.days);
    expect(stays.along).toBe(along);
  });

  it('asks nothing where nothing written would move', () => {
    expect(moveOf({ ...written, days: [] }, soon).along).toBeUndefined();
    expect(moveOf(written, { ...soon, date: '2027-05-29' }).along).toBeUndefined();
    // In the fourth week it is the taper that would go along.
    const begun = { ...soon, today: '2027-04-01' };
    expect(moveOf(written, begun).along).toBeUndefined();
    const tapered = { ...written, days: [{ date: '2027-05-26', role: 'rest' as const }] };
    expect(moveOf(tapered, begun).along).toBe(wording.taperGoesAlong);
  });

  it('keeps the first day of a block that says it', () => {
    const { weeks: _weeks, ...fixed } = written;
    const { part: later } = moveOf(
      { ...fixed, start: '2027-03-08' },
      { ...soon, today: '2027-04-01' },
    );
    expect(later).toMatchObject({ start: '2027-03-08', weeks: undefined });
  });

  it('is the day alone where the plan cannot be laid out as it stands', () => {
    const { part: day } = moveOf({ ...written, weeks: 99 }, soon);
    expect(day).toEqual({ race: { ...from.race, date: '2027-06-06' } });
  });
});
