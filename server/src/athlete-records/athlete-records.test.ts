import type {
  AthleteAnswer,
  AthletePreview,
  BlockFile,
  BlockList,
  Glances,
  OpenBlock,
  PlannedDays,
} from '@nadir/contract';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import {
  TODAY,
  type TestApp,
  addBlock,
  firstCoach,
  startTestApp,
  wishes,
} from '../testing/test-app.js';

describe('the record of an athlete', () => {
  let nadir: TestApp;
  let cookie: string;
  let athleteId: string;
  let blockId: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  beforeEach(async () => {
    nadir.clock.set(TODAY);
    ({ athleteId, blockId } = await addBlock(nadir, cookie));
  });
  afterAll(() => nadir.close());

  const get = async <T>(path: string) =>
    (await nadir.send('GET', `/api/${path}`, { cookie })).body as T;
  const record = () => get<AthleteAnswer>(`athletes/${athleteId}`);
  const block = (id = blockId) => get<OpenBlock>(`blocks/${id}`);
  const days = (id = blockId) => get<PlannedDays>(`blocks/${id}/days`);
  const save = async (change: object, apart: string[] = []) => {
    const { revision, facts } = await record();
    const body = { revision, facts: { ...facts, ...change }, apart };
    return nadir.send('PUT', `/api/athletes/${athleteId}`, { cookie, body });
  };
  const preview = async (change: object) => {
    const { facts } = await record();
    const body = { facts: { ...facts, ...change } };
    const answer = await nadir.send('POST', `/api/athletes/${athleteId}/preview`, { cookie, body });
    return (answer.body as AthletePreview).blocks;
  };
  const second = async () => {
    const file: BlockFile = { ...wishes, race: { ...wishes.race, name: 'Gullstone 10' } };
    const body = { athleteId, wishes: { ...file, athlete: (await block()).wishes.athlete } };
    return ((await nadir.send('POST', '/api/blocks', { cookie, body })).body as OpenBlock).id;
  };

  it('is read by every block; what would move is said first, block by block', async () => {
    const other = await second();
    const asked = await preview({ unavailable: ['sunday', 'saturday'] });
    expect(asked.map(({ id }) => id).sort()).toEqual([blockId, other].sort());
    expect(asked.every(({ days: moved }) => moved > 10)).toBe(true);
    const before = await days(other);

    const saved = await save({ unavailable: ['sunday', 'saturday'] }, [other]);
    expect(saved).toMatchObject({ status: 200, body: { revision: 2 } });
    const taken = await block();
    expect(taken.wishes.athlete?.unavailable).toEqual(['sunday', 'saturday']);
    expect(taken.revision).toBe(2);
    const runs = (await days()).days.filter(({ day }) => day.distance > 0);
    const weekday = (date: string) => new Date(`${date}T12:00:00Z`).getUTCDay();
    expect(runs.some(({ day }) => weekday(day.date) % 6 === 0 && day.role !== 'race')).toBe(false);
    // Apart: not a day moved, and the difference is its own.
    const kept = await block(other);
    expect(kept.revision).toBe(1);
    expect(kept.wishes.athlete?.unavailable).toBeUndefined();
    expect(await days(other)).toEqual(before);
    expect((await preview({ unavailable: [] })).find(({ id }) => id === other)?.days).toBe(0);
  });

  it('moves no other block by what is learned on one of them', async () => {
    const other = await second();
    const before = await block(other);
    const open = await block();
    const results = [{ date: '2027-02-07', distance: 10_000, time: 2000 }];
    const body = {
      revision: open.revision,
      wishes: { ...open.wishes, athlete: { ...open.wishes.athlete, results } },
      words: 'A result.',
    };
    expect((await nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body })).status).toBe(200);
    expect((await record()).facts.results).toEqual(results);
    expect((await block(other)).wishes).toEqual(before.wishes);
  });

  it('is refused on a stale revision, and where it cannot be read', async () => {
    expect((await save({ birthYear: 1990 })).status).toBe(200);
    const { facts } = await record();
    const stale = { revision: 1, facts, apart: [] };
    expect(
      await nadir.send('PUT', `/api/athletes/${athleteId}`, { cookie, body: stale }),
    ).toMatchObject({ status: 409, body: { code: 'stale-revision' } });
    expect(await save({ birthYear: 12 })).toMatchObject({ status: 400 });
    const result = { date: '2027-01-10', distance: 10_000, time: 2400 };
    for (const [wrong, at] of [
      [{ results: [{ ...result, date: '2031-01-10' }] }, ['facts', 'results', 0, 'date']],
      [{ results: [{ ...result, time: 240 }] }, ['facts', 'results', 0, 'time']],
      [{ maxHeart: 150, restHeart: 160 }, ['facts', 'restHeart']],
    ] as const) {
      expect(await save(wrong)).toMatchObject({ status: 400, body: { problems: [{ path: at }] } });
    }
    expect((await record()).facts.birthYear).toBe(1990);
  });

  it('leaves a block as it is that could not be laid out so, and says why', async () => {
    // As a newer Nadir would have left it.
    const newer =
      "UPDATE blocks SET wishes = jsonb_set(wishes, '{engine}', '99') WHERE block_id = ?";
    await nadir.knex.raw(newer, [blockId]);
    const [asked] = await preview({ unavailable: ['tuesday'] });
    expect(asked?.problem).toContain('Update Nadir');
    const before = await block();
    expect((await save({ unavailable: ['tuesday'] })).status).toBe(200);
    expect((await block()).wishes).toEqual(before.wishes);
  });

  it('never counts a block otherwise: its kilometres would be read as seconds', async () => {
    const before = await days();
    const own = (await block()).wishes.athlete;
    expect((await preview({ basis: 'time', recentWeeks: [14_400] }))[0]?.days).toBe(0);
    expect((await save({ basis: 'time', recentWeeks: [14_400] })).status).toBe(200);
    expect((await block()).wishes.athlete).toEqual(own);
    expect(await days()).toEqual(before);
    expect((await record()).facts).toMatchObject({ basis: 'time', recentWeeks: [14_400] });
  });

  it('is read again by a block that stayed apart, once both say the same', async () => {
    const asked = { unavailable: ['tuesday'] };
    await save(asked, [blockId]);
    expect((await block()).wishes.athlete?.unavailable).toBeUndefined();
    await save({ unavailable: undefined });
    // Undone: the block has nothing of its own left, and follows the next change.
    await save(asked);
    expect((await block()).wishes.athlete?.unavailable).toEqual(['tuesday']);
  });

  it('stays out of a block that was raced', async () => {
    const before = await block();
    nadir.clock.set('2027-12-01');
    cookie = (
      await nadir.send('POST', '/api/sign-in', {
        body: { email: 'maren@skerrylane.example', password: 'low tide at nine' },
      })
    ).cookie;
    expect(await preview({ unavailable: ['sunday'] })).toEqual([]);
    expect((await save({ unavailable: ['sunday'] })).status).toBe(200);
    expect((await block()).wishes).toEqual(before.wishes);
  });

  it('is archived, removed and put back, with everything kept', async () => {
    const state = (to: string) =>
      nadir.send('PUT', `/api/athletes/${athleteId}/state`, { cookie, body: { state: to } });
    const squad = async () => {
      const { athletes, archived } = await get<Glances>('squad/glances');
      const isMine = ({ id }: { id: string }) => id === athleteId;
      return [athletes.some(isMine), archived.some(isMine)];
    };
    const listed = async () =>
      (await get<BlockList>('blocks')).blocks.some(({ id }) => id === blockId);
    expect(await squad()).toEqual([true, false]);
    await state('archived');
    expect([await squad(), await listed()]).toEqual([[false, true], true]);
    await state('removed');
    expect([await squad(), await listed()]).toEqual([[false, false], false]);
    expect((await state('here')).body).toMatchObject({ state: 'here' });
    expect([await squad(), await listed()]).toEqual([[true, false], true]);
  });
});
