import { randomUUID } from 'node:crypto';
import { type AthleteRecord, type KeptEntry, handout } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, addBlock, firstCoach, startTestApp } from '../testing/test-app.js';

const run = { date: '2027-02-09', place: 0, kind: 'run', distance: 9000, time: 3000 } as const;

describe('the record of an athlete', () => {
  let nadir: TestApp;
  let cookie: string;
  let path: string;
  let blockId: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
    const added = await addBlock(nadir, cookie);
    blockId = added.blockId;
    path = `/api/athletes/${added.athleteId}/record`;
  });
  afterAll(() => nadir.close());

  const coachId = async () =>
    (await nadir.knex<{ coach_id: string }>('coaches').first('coach_id'))?.coach_id;
  const keep = (revision: number | null, entry: object) =>
    nadir.send('PUT', path, { cookie, body: { revision, entry } });
  const remove = (revision: number) =>
    nadir.send('POST', `${path}/remove`, {
      cookie,
      body: { date: run.date, place: 0, revision },
    });
  const entries = async (query = '?from=2027-02-01&to=2027-02-10') =>
    ((await nadir.send('GET', `${path}${query}`, { cookie })).body as AthleteRecord).entries;

  it('keeps a run, changes it on its own revision, removes it and puts it back', async () => {
    expect(await entries()).toEqual([]);
    expect((await keep(null, run)).body).toEqual({ ...run, revision: 1 });
    const longer = { ...run, distance: 10_000, effort: 4, note: 'Wind on the quay.' };
    expect((await keep(1, longer)).body).toEqual({ ...longer, revision: 2 });
    expect(await keep(1, run)).toMatchObject({ status: 409, body: { code: 'stale-revision' } });
    expect(await keep(null, run)).toMatchObject({ status: 409 });
    expect(await entries()).toEqual([{ ...longer, revision: 2 }]);
    expect((await remove(1)).status).toBe(409);
    expect(((await remove(2)).body as KeptEntry).revision).toBe(3);
    expect((await remove(3)).status).toBe(409);
    expect(await entries()).toEqual([]);
    expect((await keep(3, longer)).body).toEqual({ ...longer, revision: 4 });
  });

  it('is asked for by days', async () => {
    const pool = { date: '2027-02-08', place: 1, kind: 'pool', time: 2700 };
    expect((await keep(null, pool)).status).toBe(200);
    expect((await entries()).map(({ date }) => date)).toEqual(['2027-02-08', '2027-02-09']);
    expect(await entries('?from=2027-02-09&to=2027-02-09')).toHaveLength(1);
    expect((await nadir.send('GET', path, { cookie })).status).toBe(400);
  });

  it.each([
    ['a day to come', { ...run, date: '2027-02-11' }, ['entry', 'date']],
    ['an hour of nothing in a second', { ...run, time: 1 }, ['entry', 'time']],
    ['400 km', { ...run, distance: 400_000 }, ['entry', 'distance']],
    ['an eleventh run of the day', { ...run, place: 10 }, ['entry', 'place']],
    ['a field that nobody knows', { ...run, mood: 'good' }, ['entry', 'mood']],
  ])('refuses %s', async (_, entry, where) => {
    expect(await keep(null, entry)).toMatchObject({
      status: 400,
      body: { problems: [{ path: where }] },
    });
  });

  it('has a place for what was handed out, of a version that exists', async () => {
    const out = {
      coach_id: await coachId(),
      handout_id: randomUUID(),
      block_id: blockId,
      revision: 1,
      at: new Date('2027-02-10T09:14:00Z'),
      to: 'Idris Vale',
      form: 'paper',
    };
    await nadir.knex('handouts').insert(out);
    const kept: unknown = await nadir
      .knex('handouts')
      .first({ id: 'handout_id', blockId: 'block_id' }, 'revision', 'to', 'form', {
        at: nadir.knex.raw(`to_char("at" AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS"Z"')`),
      });
    expect(handout.parse(kept)).toMatchObject({ blockId, revision: 1, to: 'Idris Vale' });
    await expect(
      nadir.knex('handouts').insert({ ...out, handout_id: randomUUID(), revision: 9 }),
    ).rejects.toThrow('foreign key');
  });
});
