import { describe, expect, it } from 'vitest';
import { templateOf } from './block-file/write.js';
import { type BlockFile, blockTemplate } from './block-file/schema.js';
import { fitAnswer, fitRequest } from './fit-messages.js';

const wishes: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  athlete: { name: 'Idris Vale', birthYear: 1991 },
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
  taper: { school: 'evidence' },
  pins: [{ week: 3, volume: 40_000 }],
  waivers: [{ check: 'growth-over-cap', reason: 'Camp.' }],
};

describe('messages to the solver', () => {
  it('name a task there is, on wishes that can be read', () => {
    expect(fitRequest.safeParse({ task: 'nearest-block', wishes }).success).toBe(true);
    expect(fitRequest.safeParse({ task: 'best-block', wishes }).success).toBe(false);
    expect(fitRequest.safeParse({ task: 'nearest-block', wishes: {} }).success).toBe(false);
    expect(fitRequest.safeParse({ task: 'nearest-block', wishes, also: 1 }).success).toBe(false);
  });

  it('bring back words, bends and a change, or none', () => {
    const answer = { words: 'None is needed.', bends: [], asItIs: [], command: null };
    expect(fitAnswer.safeParse(answer).success).toBe(true);
    const command = { message: 'Taken.', change: { weeks: 12, start: '2027-03-08' } };
    const bends = [{ rule: 'growth', week: 7, by: 7500 }];
    expect(fitAnswer.safeParse({ ...answer, bends, command }).success).toBe(true);
    const strange = { ...command, change: { race: wishes.race } };
    expect(fitAnswer.safeParse({ ...answer, command: strange }).success).toBe(false);
    expect(
      fitAnswer.safeParse({ ...answer, bends: [{ rule: 'luck', week: 1, by: 1 }] }).success,
    ).toBe(false);
  });
});

describe('a template of a block', () => {
  it('keeps its shape, and nothing of its athlete, dates or waivers', () => {
    const template = templateOf(wishes);
    expect(blockTemplate.safeParse(template).success).toBe(true);
    expect(template).toMatchObject({
      basis: 'distance',
      distance: 10_000,
      weeks: 12,
      taper: { school: 'evidence' },
      pins: wishes.pins,
    });
    expect(JSON.stringify(template)).not.toMatch(/Idris|1991|2027|Camp/);
  });
});
