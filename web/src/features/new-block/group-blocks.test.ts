import { type BlockFile, templateOf } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import { layForOne } from './group-blocks.js';

const TODAY = '2027-01-04';
const source: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  athlete: { name: 'Ottoline Brack', recentWeeks: [80_000] },
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
  weeks: 15,
  taper: { school: 'long-descent' },
};
const template = templateOf(source);
const asked: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  race: { name: 'Lantern Bay Marathon', date: '2027-04-18', distance: 42_195 },
};
const athlete = (recent: number, more: object = {}) => ({
  facts: { name: 'Wren Castellan', recentWeeks: [recent], ...more },
});

describe('one plan at many levels', () => {
  it('is the same shape at each athlete’s own start, in their own unit', () => {
    const [low, high] = [30_000, 120_000].map((recent) =>
      layForOne(template, asked, athlete(recent), TODAY),
    );
    if (!low?.ok || !high?.ok) throw new Error('was not laid out');
    expect(low.block.weeks.map(({ kind }) => kind)).toEqual(
      high.block.weeks.map(({ kind }) => kind),
    );
    expect(low.block.weeks[0]?.volume).toBe(30_000);
    expect(high.block.weeks[0]?.volume).toBe(120_000);
    expect([low.file.taper?.school, high.file.weeks]).toEqual(['long-descent', 15]);
    const timed = layForOne(template, asked, athlete(12_000, { basis: 'time' }), TODAY);
    expect(timed.ok && timed.block.weeks[0]?.volume).toBe(12_000);
  });

  it('is as long as weeks are left, and says what cannot be laid out', () => {
    const race = { ...asked.race, date: '2027-03-21' };
    const short = layForOne(template, { ...asked, race }, athlete(40_000), TODAY);
    expect(short.ok && short.block.weeks.length).toBe(11);
    const over = layForOne(
      template,
      { ...asked, race: { ...race, date: '2027-01-03' } },
      athlete(40_000),
      TODAY,
    );
    expect(over).toMatchObject({ ok: false, problem: expect.stringMatching(/\.$/) as string });
  });
});
