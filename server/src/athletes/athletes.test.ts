import type { AthleteAnswer, Squad } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, addBlock, firstCoach, startTestApp } from '../testing/test-app.js';

describe('athletes', () => {
  let nadir: TestApp;
  let cookie: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  afterAll(() => nadir.close());

  const add = (body: unknown) => nadir.send('POST', '/api/athletes', { cookie, body });

  it('are kept with their facts, and found again', async () => {
    const facts = {
      name: 'Wren Castellan',
      basis: 'distance',
      unit: 'mi',
      oftenHurt: false,
      recentWeeks: [54_717.696],
      results: [{ date: '2026-12-12', distance: 5000, time: 1140 }],
      unavailable: ['sunday'],
    };
    const added = await add(facts);
    expect(added).toMatchObject({ status: 201, body: { facts } });
    const { id } = added.body as AthleteAnswer;
    expect((await nadir.send('GET', `/api/athletes/${id}`, { cookie })).body).toEqual({
      id,
      revision: 1,
      state: 'here',
      facts,
    });
  });

  it.each([
    ['no name', {}, ['name']],
    ['a name of spaces', { name: '  ' }, ['name']],
    ['text for a week', { name: 'Kit Sorrel', recentWeeks: ['thirty'] }, ['recentWeeks', 0]],
    ['a day that is none', { name: 'Kit Sorrel', unavailable: ['someday'] }, ['unavailable', 0]],
    [
      'every day away',
      { name: 'Kit Sorrel', unavailable: Array(7).fill('monday') },
      ['unavailable'],
    ],
    ['a fact nobody asks for', { name: 'Kit Sorrel', weight: 60 }, ['weight']],
  ])('are refused with %s, and none is kept', async (_, body, path) => {
    const before = await nadir.knex('athletes').count();
    const answer = await add(body);
    expect(answer).toMatchObject({ status: 400, body: { code: 'invalid', problems: [{ path }] } });
    expect(await nadir.knex('athletes').count()).toEqual(before);
  });

  it('stand in the squad in the order they joined, with or without a block', async () => {
    const { athleteId } = await addBlock(nadir, cookie);
    nadir.clock.set('2027-02-11');
    const later = await add({ name: 'Posy Arkwright' });
    const { athletes } = (await nadir.send('GET', '/api/squad', { cookie })).body as Squad;
    const withBlock = athletes.find(({ id }) => id === athleteId);
    expect(withBlock?.block?.athleteId).toBe(athleteId);
    expect(athletes.at(-1)).toMatchObject({ id: (later.body as AthleteAnswer).id, block: null });
  });
});
