import { randomUUID } from 'node:crypto';
import { type AthleteRecord, type RecordChanged } from '@nadir/contract';
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
  const change = (body: object) => nadir.send('PUT', path, { cookie, body });
  const keep = (revision: number | null, entry: object) => change({ keep: [{ revision, entry }] });
  const remove = (revision: number) => change({ remove: [{ date: run.date, place: 0, revision }] });
  const kept = async (query = '?from=2027-02-01&to=2027-02-10') =>
    (await nadir.send('GET', `${path}${query}`, { cookie })).body as AthleteRecord;
  const entries = async (query?: string) => (await kept(query)).entries;
  const changed = async (answer: ReturnType<typeof change>) => (await answer).body as RecordChanged;

  it('keeps a run, changes it on its own revision, removes it and puts it back', async () => {
    expect(await entries()).toEqual([]);
    expect((await changed(keep(null, run))).entries).toEqual([{ ...run, revision: 1 }]);
    const longer = { ...run, distance: 10_000, effort: 4, note: 'Wind on the quay.' };
    expect((await changed(keep(1, longer))).entries).toEqual([{ ...longer, revision: 2 }]);
    expect(await keep(1, run)).toMatchObject({ status: 409, body: { code: 'stale-revision' } });
    expect(await keep(null, run)).toMatchObject({ status: 409 });
    expect(await entries()).toEqual([{ ...longer, revision: 2 }]);
    expect((await remove(1)).status).toBe(409);
    expect((await changed(remove(2))).removed).toEqual([{ date: run.date, place: 0, revision: 3 }]);
    expect((await remove(3)).status).toBe(409);
    expect(await entries()).toEqual([]);
    expect((await changed(keep(3, longer))).entries).toEqual([{ ...longer, revision: 4 }]);
    const versions = await nadir
      .knex('run_entry_changes')
      .where({ date: run.date })
      .orderBy('revision')
      .pluck('entry');
    expect(versions).toEqual([run, longer, null, longer]);
    await remove(4);
    // Whoever knows of none may write one again.
    expect((await changed(keep(null, run))).entries).toEqual([{ ...run, revision: 6 }]);
  });

  it('is asked for by days', async () => {
    const pool = { date: '2027-02-08', place: 1, kind: 'pool', time: 2700 };
    expect((await keep(null, pool)).status).toBe(200);
    expect((await entries()).map(({ date }) => date)).toEqual(['2027-02-08', '2027-02-09']);
    expect(await entries('?from=2027-02-09&to=2027-02-09')).toHaveLength(1);
    expect((await nadir.send('GET', path, { cookie })).status).toBe(400);
  });

  it('changes many at once, and none of them where one is stale', async () => {
    const on = (date: string) => ({ revision: null, entry: { ...run, date, reps: [114, 113.5] } });
    const both = { keep: [on('2027-02-02'), on('2027-02-03')] };
    expect((await changed(change(both))).entries).toHaveLength(2);
    const half = { keep: [on('2027-02-04'), on('2027-02-03')] };
    expect((await change(half)).status).toBe(409);
    const stale = { remove: [{ date: '2027-02-02', place: 0, revision: 9 }] };
    expect((await change({ ...stale, keep: [on('2027-02-05')] })).status).toBe(409);
    const dates = (await entries('?from=2027-02-01&to=2027-02-07')).map(({ date }) => date);
    expect(dates).toEqual(['2027-02-02', '2027-02-03']);
  });

  it('keeps how a morning was apart from what was run, and takes it back', async () => {
    const morning = { date: run.date, fresh: 2, sore: { where: 'left calf', level: 4 } };
    const note = (revision: number | null, each: object) =>
      change({ mornings: [{ revision, morning: each }] });
    await note(null, morning);
    expect((await kept()).mornings).toEqual([{ ...morning, revision: 1 }]);
    expect((await note(null, morning)).status).toBe(409);
    const inEntries = await nadir.knex('run_entries').whereRaw("entry::text LIKE '%calf%'");
    expect(inEntries).toEqual([]);
    expect((await note(1, { date: run.date })).status).toBe(200);
    expect((await kept()).mornings).toEqual([]);
    // Whoever knows of none may write one again.
    expect((await changed(note(null, morning))).mornings).toEqual([{ ...morning, revision: 3 }]);
    expect((await note(null, morning)).status).toBe(409);
  });

  it('keeps what is said of a week', async () => {
    const review = { date: '2027-02-08', goal: 'Even reps.', met: 'part' };
    expect((await change({ reviews: [{ revision: null, review }] })).status).toBe(200);
    expect((await kept()).reviews).toEqual([{ ...review, revision: 1 }]);
  });

  it.each([
    ['a day to come', { ...run, date: '2027-02-11' }, ['keep', 0, 'entry', 'date']],
    ['an hour of nothing in a second', { ...run, time: 1 }, ['keep', 0, 'entry', 'time']],
    ['400 km', { ...run, distance: 400_000 }, ['keep', 0, 'entry', 'distance']],
    ['an eleventh run of the day', { ...run, place: 10 }, ['keep', 0, 'entry', 'place']],
    ['a field that nobody knows', { ...run, mood: 'good' }, ['keep', 0, 'entry', 'mood']],
    ['a start at no time', { ...run, start: '25:00' }, ['keep', 0, 'entry', 'start']],
  ])('refuses %s', async (_, entry, where) => {
    expect(await keep(null, entry)).toMatchObject({
      status: 400,
      body: { problems: [{ path: where }] },
    });
  });

  it('refuses a morning to come', async () => {
    const mornings = [{ revision: null, morning: { date: '2027-02-11', fresh: 3 } }];
    expect(await change({ mornings })).toMatchObject({
      status: 400,
      body: { problems: [{ path: ['mornings', 0, 'morning', 'date'] }] },
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
      form: 'wall-sheet',
    };
    await nadir.knex('handouts').insert(out);
    const kept: unknown = await nadir
      .knex('handouts')
      .first({ id: 'handout_id', blockId: 'block_id' }, 'revision', 'to', 'form', {
        at: nadir.knex.raw(`to_char("at" AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS"Z"')`),
      });
    expect(kept).toMatchObject({ blockId, revision: 1, to: 'Idris Vale' });
    await expect(
      nadir.knex('handouts').insert({ ...out, handout_id: randomUUID(), revision: 9 }),
    ).rejects.toThrow('foreign key');
  });
});
