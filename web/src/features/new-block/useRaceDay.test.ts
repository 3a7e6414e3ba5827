import type { BlockFile } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import { beforeMove } from './useRaceDay.js';

const from: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 19,
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
