import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anySpec } from '../testing/any-spec.js';
import { holdFor } from '../testing/hold-for.js';
import { type TableAt, type VersionOf, compose, composeFacts, ownFacts, ownOf } from './compose.js';

const record = { name: 'Wren Castellan', unit: 'mi', birthYear: 1994, maxHeart: 188 } as const;
const none: TableAt = () => {
  throw new Error('no table is named');
};

/** As it comes out of a store. */
const written = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

describe('the facts of a block', () => {
  it('are those of the record, but for what differs', () => {
    expect(ownFacts(record, { ...record, unit: 'km' })).toEqual({ unit: 'km' });
    expect(composeFacts(record, { unit: 'km' })).toEqual({ ...record, unit: 'km' });
  });

  it('may be none where the record has one', () => {
    const { maxHeart: _, ...without } = record;
    expect(ownFacts(record, without)).toEqual({ maxHeart: null });
    expect(composeFacts(record, { maxHeart: null })).toEqual(without);
  });

  it('are the same in whatever order they were written', () => {
    const results = [{ date: '2026-11-08', distance: 10_000, time: 2430 }];
    const again = [{ time: 2430, distance: 10_000, date: '2026-11-08' }];
    expect(ownFacts({ results }, { results: again })).toEqual({});
  });
});

describe('a block', () => {
  it('is whole again from what it says for itself', () => {
    const never: VersionOf = () => undefined;
    holdFor(
      fc.property(anySpec, anySpec, (spec, { athlete = {} }) => {
        const whole = written({ athlete: {}, ...spec });
        const own = written(ownOf(athlete, whole, never));
        expect(compose(athlete, own, none)).toEqual(whole);
      }),
    );
  });

  it('names the tables that are the coach’s own, and carries the others', () => {
    const table = [{ id: 'easy', name: 'Easy', base: { race: 42_195 }, offset: [60, 80] }];
    const family = { id: 'hills', name: 'Hills', start: '8 x 1 min' };
    const spec = {
      race: { name: 'Gullstone 10', distance: 10_000 },
      paces: { table, aim: 'current' },
      houseRules: { values: { 'volume.growthCap': 0.08 } },
      sessions: [
        { phase: 'speed', place: 1, family },
        { phase: 'speed', place: 2, family: { ...family, id: 'flat' } },
      ],
    } as unknown as Parameters<typeof ownOf>[1];
    const tables = { paces: table, 'house-rules': spec.houseRules, family };
    const versionOf: VersionOf = (kind, value) => (tables[kind] === value ? 7 : undefined);
    const own = ownOf({}, spec, versionOf);
    expect(own.paces).toEqual({ table: { version: 7 }, aim: 'current' });
    expect(own.houseRules).toEqual({ version: 7 });
    expect(own.sessions?.map((use) => use.family)).toEqual([
      { version: 7 },
      { ...family, id: 'flat' },
    ]);
    const at = ((kind: keyof typeof tables) => tables[kind]) as TableAt;
    expect(compose({}, own, at)).toEqual({ ...spec, athlete: {} });
  });
});
