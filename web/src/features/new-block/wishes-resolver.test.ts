import type { BlockFile } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import { freshWishes } from './questions.js';
import { type Asked, wishesResolver } from './wishes-resolver.js';

const today = '2027-02-10';
const fresh = freshWishes(today, 'monday', {}, null);
const named: BlockFile = { ...fresh, athlete: { name: 'Idris Vale' } };

const resolve = (wishes: BlockFile, { mayBePast = false, needsName = true } = {}) =>
  wishesResolver(today, { mayBePast, needsName })({ wishes } satisfies Asked, undefined, {
    fields: {},
    shouldUseNativeValidation: false,
  });

describe('the form of a plan', () => {
  it('keeps the wishes with everything worked out', async () => {
    const { values, errors } = await resolve(named);
    expect(errors).toEqual({});
    expect(values).toMatchObject({ format: 'nadir-block', athlete: { name: 'Idris Vale' } });
    expect((values as BlockFile).volume?.peak).toBeGreaterThan(0);
  });

  it('counts back from the race where no start is given, and keeps a start that is', async () => {
    const { values: counted } = await resolve(named);
    expect(counted).not.toHaveProperty('start');
    const { values: started } = await resolve({ ...named, weeks: undefined, start: '2027-02-15' });
    expect(started).toMatchObject({ start: '2027-02-15' });
  });

  it('wants a name of a new athlete, at its field', async () => {
    for (const athlete of [undefined, {}, { name: '   ' }]) {
      const { values, errors } = await resolve({ ...fresh, athlete });
      expect(values).toEqual({});
      expect(errors).toMatchObject({ wishes: { athlete: { name: { type: 'nameless' } } } });
    }
    expect((await resolve(fresh, { needsName: false })).errors).toEqual({});
  });

  it('refuses a race that has been run, but of a block that was lived with', async () => {
    const past: BlockFile = { ...named, race: { ...named.race, date: '2027-02-09' }, weeks: 12 };
    const { errors } = await resolve(past);
    expect(errors).toMatchObject({ wishes: { race: { date: { type: 'race-in-the-past' } } } });
    expect((await resolve(past, { mayBePast: true })).errors).toEqual({});
  });

  it('says each problem at its place in the wishes', async () => {
    const { values, errors } = await resolve({ ...named, volume: { start: -5 } });
    expect(values).toEqual({});
    expect(errors).toHaveProperty('wishes.volume.start.message');
  });
});
