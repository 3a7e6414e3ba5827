import { randomUUID } from 'node:crypto';
import { type BlockAnswer, type BlockHistory, type BlockList } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
  wishes,
} from '../testing/test-app.js';

describe('blocks', () => {
  let nadir: TestApp;
  let cookie: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  afterAll(() => nadir.close());

  const save = (blockId: string, revision: number, weeks: number, words = `${weeks} weeks.`) =>
    nadir.send('PUT', `/api/blocks/${blockId}`, {
      cookie,
      body: { revision, wishes: { ...wishes, weeks }, words },
    });

  it('are kept, and found again as they were sent', async () => {
    const { blockId, laid } = await addBlock(nadir, cookie);
    expect(laid.status).toBe(201);
    const read = await nadir.send('GET', `/api/blocks/${blockId}`, { cookie });
    expect(read.body).toMatchObject({ id: blockId, revision: 1, wishes });
  });

  it('can be taken off the lists and put back, with all they hold', async () => {
    const { athleteId, blockId } = await addBlock(nadir, cookie);
    const listed = async () =>
      ((await nadir.send('GET', '/api/blocks', { cookie })).body as BlockList).blocks.map(
        ({ id }) => id,
      );
    const path = `/api/blocks/${blockId}`;
    expect(await listed()).toContain(blockId);
    const other = await secondCoach(nadir);
    expect((await nadir.send('DELETE', path, { cookie: other })).status).toBe(404);
    expect((await nadir.send('DELETE', path, { cookie })).body).toEqual({ done: true });
    expect(await listed()).not.toContain(blockId);
    expect((await nadir.send('GET', path, { cookie })).status).toBe(404);
    expect((await save(blockId, 1, 14)).status).toBe(404);
    expect((await nadir.send('DELETE', path, { cookie })).status).toBe(404);
    const back = await nadir.send('POST', `${path}/put-back`, { cookie });
    expect(back.body).toMatchObject({ id: blockId, athleteId, revision: 1, wishes });
    expect((await nadir.send('POST', `${path}/put-back`, { cookie })).status).toBe(404);
  });

  it('keep every change with who, when and what, and every version', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    expect((await save(blockId, 1, 14)).body).toMatchObject({ revision: 2 });
    const history = await nadir.send('GET', `/api/blocks/${blockId}/history`, { cookie });
    const at = '2027-02-10T09:14:00.000Z';
    expect(history.body).toEqual({
      changes: [
        { revision: 2, at, by: 'Maren Tolvik', words: '14 weeks.' },
        { revision: 1, at, by: 'Maren Tolvik', words: 'Laid out the block.' },
      ],
      more: false,
    });
    const version = (revision: number | string) =>
      nadir.send('GET', `/api/blocks/${blockId}/history/${revision}`, { cookie });
    expect((await version(1)).body).toMatchObject({ revision: 1, wishes: { weeks: 16 } });
    expect((await version(2)).body).toMatchObject({ revision: 2, wishes: { weeks: 14 } });
    for (const none of [3, 0, -1, 'x', '1e9', '99999999999']) {
      expect((await version(none)).status, String(none)).toBe(404);
    }
  });

  it('answer their history in pages, newest first', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    for (let revision = 1; revision < 4; revision++) await save(blockId, revision, 10 + revision);
    const page = async (query: string) =>
      (await nadir.send('GET', `/api/blocks/${blockId}/history${query}`, { cookie }))
        .body as BlockHistory;
    const first = await page('?limit=2');
    expect(first.changes.map(({ revision }) => revision)).toEqual([4, 3]);
    expect(first.more).toBe(true);
    const second = await page('?limit=2&before=3');
    expect(second.changes.map(({ revision }) => revision)).toEqual([2, 1]);
    expect(second.more).toBe(false);
    for (const wrong of ['?limit=0', '?limit=51', '?limit=x', '?before=-1', '?all=1']) {
      const refused = await nadir.send('GET', `/api/blocks/${blockId}/history${wrong}`, { cookie });
      expect(refused.status, wrong).toBe(400);
    }
  });

  it('cannot have their history rewritten, even by hand', async () => {
    await addBlock(nadir, cookie);
    const changes = () => nadir.knex('block_changes');
    const before = await changes().count();
    await expect(changes().update({ words: 'never happened' })).rejects.toThrow(/append-only/);
    await expect(changes().delete()).rejects.toThrow(/append-only/);
    await expect(nadir.knex.raw('TRUNCATE block_changes CASCADE')).rejects.toThrow(/append-only/);
    expect(await changes().count()).toEqual(before);
  });

  it('refuse a stale save with the newer version, and keep it', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    await save(blockId, 1, 14);
    const stale = await save(blockId, 1, 12);
    expect(stale).toMatchObject({
      status: 409,
      body: { code: 'stale-revision', current: { revision: 2, wishes: { weeks: 14 } } },
    });
    const kept = (await nadir.send('GET', `/api/blocks/${blockId}`, { cookie }))
      .body as BlockAnswer;
    expect(kept.wishes.weeks).toBe(14);
  });

  it('answer a save whose answer was lost with what it stored, and store it once', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    const saveId = randomUUID();
    const body = { revision: 1, wishes: { ...wishes, weeks: 14 }, words: '14 weeks.', saveId };
    const send = (sent: object) =>
      nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body: sent });
    const first = await send(body);
    // The fields in another order are the same wishes.
    const turned = Object.fromEntries(Object.entries(body.wishes).reverse());
    expect(await send({ ...body, wishes: turned })).toMatchObject({
      status: 200,
      body: first.body,
    });
    expect(first.body).toMatchObject({ revision: 2 });
    // Another tab saved meanwhile: the repeat is still answered with its own.
    await save(blockId, 2, 12);
    expect((await send(body)).body).toEqual(first.body);
    const other = await send({ ...body, wishes: { ...wishes, weeks: 10 } });
    expect(other).toMatchObject({ status: 400, body: { problems: [{ path: ['saveId'] }] } });
    const { rows } = await nadir.knex.raw<{ rows: { count: string }[] }>(
      'SELECT count(*) FROM block_changes WHERE block_id = ?',
      [blockId],
    );
    expect(rows[0]?.count).toBe('3');
  });

  it('are laid out once, however often they are sent', async () => {
    const { athleteId } = await addBlock(nadir, cookie);
    const body = { athleteId, wishes, saveId: randomUUID() };
    const first = await nadir.send('POST', '/api/blocks', { cookie, body });
    const again = await nadir.send('POST', '/api/blocks', { cookie, body });
    expect(again.body).toEqual(first.body);
    const atOnce = { ...body, saveId: randomUUID() };
    const both = await Promise.all(
      [1, 2, 3].map(() => nadir.send('POST', '/api/blocks', { cookie, body: atOnce })),
    );
    expect(new Set(both.map(({ body: laid }) => (laid as BlockAnswer).id)).size).toBe(1);
  });

  it('that say nothing of their athlete go by the record, and never lack a name', async () => {
    const facts = { name: 'Posy Arkwright', recentWeeks: [30_000, 32_000], birthYear: 1990 };
    const added = await nadir.send('POST', '/api/athletes', { cookie, body: facts });
    const { id: athleteId } = added.body as { id: string };
    const athleteOf = async (athlete: object | undefined) => {
      const { athlete: _, ...rest } = wishes;
      const body = { athleteId, wishes: { ...rest, ...(athlete && { athlete }) } };
      const { body: laid } = await nadir.send('POST', '/api/blocks', { cookie, body });
      return (laid as BlockAnswer).wishes.athlete;
    };
    expect(await athleteOf(undefined)).toEqual(facts);
    const own = { recentWeeks: [40_000, 40_000] };
    expect(await athleteOf(own)).toEqual({ name: facts.name, ...own });
  });

  it('are of an athlete who is added once, however often', async () => {
    const body = { id: randomUUID(), name: 'Posy Arkwright' };
    const first = await nadir.send('POST', '/api/athletes', { cookie, body });
    const again = await nadir.send('POST', '/api/athletes', { cookie, body });
    expect([first.body, again.body]).toEqual([
      { id: body.id, revision: 1, state: 'here', facts: { name: body.name } },
      first.body,
    ]);
  });

  it('of before texts were bounded open still, and so does the squad', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    const before = { ...wishes, race: { ...wishes.race, name: 'Tim\u0092s 10' } };
    await nadir
      .knex('blocks')
      .where({ block_id: blockId })
      .update({ wishes: JSON.stringify(before) });
    const { body } = await nadir.send('GET', `/api/blocks/${blockId}`, { cookie });
    expect(body).toMatchObject({ wishes: { race: { name: 'Tims 10' } } });
    expect((await nadir.send('GET', '/api/squad', { cookie })).status).toBe(200);
  });

  it('wait for another’s hold no longer than they must, and may be sent again', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    const held = await nadir.knex.transaction();
    await held.raw('SELECT 1 FROM blocks WHERE block_id = ? FOR UPDATE', [blockId]);
    const waited = await save(blockId, 1, 14);
    await held.rollback();
    expect(waited).toMatchObject({ status: 503, body: { code: 'away' } });
    expect(Number(waited.headers['retry-after'])).toBeGreaterThan(0);
    expect((await save(blockId, 1, 14)).status).toBe(200);
  });

  it('refuse a revision that is still to come', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    expect((await save(blockId, 7, 14)).status).toBe(409);
  });

  it('let one of two saves at once through', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    const saves = await Promise.all([
      save(blockId, 1, 14),
      save(blockId, 1, 12),
      save(blockId, 1, 13),
    ]);
    expect(saves.map(({ status }) => status).sort((a, b) => a - b)).toEqual([200, 409, 409]);
  });

  it('write all or nothing: a save that fails half way leaves the old version', async () => {
    const { blockId } = await addBlock(nadir, cookie);
    await nadir.knex.raw(`
      CREATE FUNCTION fail_once() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN RAISE EXCEPTION 'disk full'; END $$;
      CREATE TRIGGER fail_once BEFORE INSERT ON planned_days FOR EACH ROW EXECUTE FUNCTION fail_once();
    `);
    const failed = await save(blockId, 1, 12);
    await nadir.knex.raw('DROP TRIGGER fail_once ON planned_days');
    expect(failed).toMatchObject({ status: 500, body: { code: 'failed' } });
    expect(JSON.stringify(failed.body)).not.toContain('disk full');
    const kept = (await nadir.send('GET', `/api/blocks/${blockId}`, { cookie }))
      .body as BlockAnswer;
    expect(kept).toMatchObject({ revision: 1, wishes: { weeks: 16 } });
  });

  describe('of another coach', () => {
    it.each([
      ['GET', ''],
      ['PUT', ''],
      ['GET', '/history'],
      ['GET', '/history/1'],
      ['GET', '/days'],
    ] as const)('answer 404 to %s%s', async (method, path) => {
      const { blockId } = await addBlock(nadir, cookie);
      const other = nadir.send;
      const otherCookie = await otherCoach();
      const body = method === 'PUT' ? { revision: 1, wishes, words: 'Mine now.' } : undefined;
      const answer = await other(method, `/api/blocks/${blockId}${path}`, {
        cookie: otherCookie,
        body,
      });
      expect(answer).toMatchObject({ status: 404, body: { code: 'not-found' } });
    });

    it('cannot be laid out for their athletes, nor be seen in the squad', async () => {
      const { athleteId } = await addBlock(nadir, cookie);
      const theirs = await otherCoach();
      const laid = await nadir.send('POST', '/api/blocks', {
        cookie: theirs,
        body: { athleteId, wishes },
      });
      expect(laid.status).toBe(404);
      expect(
        (await nadir.send('GET', `/api/athletes/${athleteId}`, { cookie: theirs })).status,
      ).toBe(404);
      expect((await nadir.send('GET', '/api/squad', { cookie: theirs })).body).toEqual({
        athletes: [],
      });
    });

    let opened: Promise<string> | undefined;
    const otherCoach = () => (opened ??= secondCoach(nadir));
  });

  describe('with bad input', () => {
    const refusals: [string, unknown, (string | number)[], RegExp][] = [
      [
        'a past race',
        { ...wishes, race: { ...wishes.race, date: '2027-02-09' } },
        ['wishes', 'race', 'date'],
        /has been run/,
      ],
      ['0 weeks', { ...wishes, weeks: 0 }, ['wishes', 'weeks'], /at least 4, received 0/],
      ['200 weeks', { ...wishes, weeks: 200 }, ['wishes', 'weeks'], /at most 30, received 200/],
      [
        'a peak below the start',
        { ...wishes, volume: { start: 50_000, peak: 40_000 } },
        ['wishes', 'volume', 'peak'],
        /below the start/,
      ],
      [
        'a volume of a million',
        { ...wishes, volume: { start: 50_000, peak: 1e6 } },
        ['wishes', 'volume', 'peak'],
        /beyond anyone/,
      ],
      [
        'an unknown school',
        { ...wishes, taper: { school: 'none' } },
        ['wishes', 'taper', 'school'],
        /expected "three-steps"/,
      ],
      [
        'a pin outside',
        { ...wishes, pins: [{ week: 17, volume: 1 }] },
        ['wishes', 'pins', 0, 'week'],
        /outside the block/,
      ],
      ['text for a number', { ...wishes, weeks: 'ten' }, ['wishes', 'weeks'], /expected a number/],
    ];

    it.each(refusals)(
      '%s: says where and what, and saves nothing',
      async (_, bad, path, message) => {
        const { athleteId } = await addBlock(nadir, cookie);
        const before = await nadir.knex('blocks').count();
        const answer = await nadir.send('POST', '/api/blocks', {
          cookie,
          body: { athleteId, wishes: bad },
        });
        expect(answer).toMatchObject({ status: 400, body: { code: 'invalid' } });
        const [problem] = (answer.body as { problems: { path: unknown; message: string }[] })
          .problems;
        expect(problem?.path).toEqual(path);
        expect(problem?.message).toMatch(message);
        expect(await nadir.knex('blocks').count()).toEqual(before);
      },
    );

    it('a body of ten megabytes is refused unread', async () => {
      const body = { athleteId: 'x'.repeat(10 * 1024 * 1024) };
      expect(await nadir.send('POST', '/api/blocks', { cookie, body })).toMatchObject({
        status: 413,
        body: { code: 'too-large' },
      });
    });

    it('an id that is no id, and an address that is none, are not found', async () => {
      expect((await nadir.send('GET', '/api/blocks/1%20OR%201=1', { cookie })).status).toBe(404);
      expect(await nadir.send('GET', '/api/nothing', { cookie })).toMatchObject({
        status: 404,
        body: { code: 'not-found' },
      });
    });
  });
});
