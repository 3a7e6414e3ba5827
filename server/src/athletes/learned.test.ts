import { describe, expect, it } from 'vitest';
import { learned } from './learned.js';

const ten = { date: '2026-11-08', distance: 10_000, time: 2430 };
const five = { date: '2027-02-06', distance: 5000, time: 1146 };
const facts = { name: 'Idris Vale', results: [ten] };

describe('what a block teaches of its athlete', () => {
  it('is nothing where it says nothing', () => {
    expect(learned(facts, undefined, undefined)).toBe(facts);
  });

  it('adds what came, keeps what another block taught, and does not add twice', () => {
    expect(learned(facts, {}, { results: [five] }).results).toEqual([ten, five]);
    expect(learned(facts, undefined, { results: [ten] }).results).toEqual([ten]);
  });

  it('forgets only what this block had and has no longer', () => {
    const known = { ...facts, results: [ten, five] };
    expect(learned(known, { results: [five] }, { results: [] }).results).toEqual([ten]);
  });

  it('follows the pace model and heart rates where they changed', () => {
    expect(learned(facts, {}, { paceModel: 'ladder', maxHeart: 190 })).toMatchObject({
      paceModel: 'ladder',
      maxHeart: 190,
    });
    const set = { ...facts, maxHeart: 190 };
    expect(learned(set, { maxHeart: 190 }, {}).maxHeart).toBeUndefined();
    expect(learned(set, {}, {}).maxHeart).toBe(190);
  });
});
