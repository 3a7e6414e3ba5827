import { type Glances, givenOf } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { glanceOf, showBlock } from '@nadir/core/present/figures';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import {
  TODAY,
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
  wishes,
} from '../testing/test-app.js';
import { AheadService } from './ahead.service.js';

describe('the squad at a glance', () => {
  let nadir: TestApp;
  let cookie: string;
  let blockId: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
    ({ blockId } = await addBlock(nadir, cookie));
  });
  afterAll(() => nadir.close());

  const athletes = async (as = cookie) =>
    ((await nadir.send('GET', '/api/squad/glances', { cookie: as })).body as Glances).athletes;

  it('is what the block shows, in the athlete’s own unit', async () => {
    const shown = { basis: 'distance', unit: 'km', step: 1 } as const;
    const block = layOut(givenOf(wishes), { asOf: TODAY, shown });
    const glance = glanceOf(block, block.findings, showBlock(block, shown), TODAY);
    expect((await athletes())[0]).toMatchObject({
      name: 'Idris Vale',
      block: { id: blockId, glance: JSON.parse(JSON.stringify(glance)) as object },
    });
  });

  it('comes in the coach’s unit once that is chosen', async () => {
    const body = { unit: 'mi' };
    await nadir.send('PATCH', '/api/settings', { cookie, body });
    expect((await athletes())[0]?.block?.glance.measure.unit).toBe('mi');
    await nadir.send('PATCH', '/api/settings', { cookie, body: { unit: 'athlete' } });
  });

  it('keeps the weeks that are over, and says the worst that is still to come', async () => {
    const before = (await athletes())[0]?.block?.glance;
    nadir.clock.set('2027-03-08');
    const body = {
      revision: 1,
      wishes: { ...wishes, pins: [{ week: 1, volume: 90_000 }], volume: { peak: 95_000 } },
      words: 'Heavier.',
    };
    expect((await nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body })).status).toBe(200);
    const after = (await athletes())[0]?.block?.glance;
    const weeks = (glance: typeof after, count: number) =>
      glance?.weeks.slice(0, count).map(({ volume, longRun }) => [volume, longRun]);
    expect(weeks(after, 3)).toEqual(weeks(before, 3));
    expect(weeks(after, 16)).not.toEqual(weeks(before, 16));
  });

  it('says what the diary needs looking at for, once it is recorded, and nothing of health by name', async () => {
    const { athleteId } = await addBlock(nadir, cookie);
    const need = async () => (await athletes()).find(({ id }) => id === athleteId)?.block?.need;
    expect(await need()).toBeNull();
    const change = (body: object) =>
      nadir.send('PUT', `/api/athletes/${athleteId}/record`, { cookie, body });
    const entry = { date: '2027-03-07', place: 0, kind: 'missed' };
    expect((await change({ keep: [{ revision: null, entry }] })).status).toBe(200);
    expect(await need()).toMatchObject({ level: 'note', title: 'Days missed' });
    const ran = { date: '2027-03-01', place: 0, kind: 'run', distance: 9000, time: 3000 };
    await change({ keep: [{ revision: null, entry: ran }] });
    const row = (await athletes()).find(({ id }) => id === athleteId);
    expect(row?.block?.lastWeek?.run).toBe(9);
    // On 7 March it was missed, on 1 March run: seven days before 8 March.
    const days = row?.block?.lately?.days ?? [];
    expect([days.at(-1), days.at(-7), row?.block?.lately?.ago]).toEqual(['missed', 'run', 1]);
    const morning = { date: '2027-03-08', ill: 'fever' };
    await change({ mornings: [{ revision: null, morning }] });
    expect(await need()).toMatchObject({ level: 'stop', title: 'The mornings need a look' });
    await change({ mornings: [{ revision: 1, morning: { date: '2027-03-08' } }] });
    await change({ remove: [{ date: '2027-03-07', place: 0, revision: 1 }] });
    expect(await need()).not.toMatchObject({ level: 'stop' });
  });

  it('is looked at ahead: after a change, and when the server starts', async () => {
    const { blockId: changed } = await addBlock(nadir, cookie);
    const asked = (of: TestApp) => vi.spyOn(of.app.get(BlocksRepository), 'daysThatStay');
    const here = asked(nadir);
    const body = { revision: 1, wishes: { ...wishes, volume: { peak: 88_000 } }, words: 'Less.' };
    await nadir.send('PUT', `/api/blocks/${changed}`, { cookie, body });
    here.mockClear();
    await vi.waitFor(() => expect(here).toHaveBeenCalled(), 5000);
    await athletes();
    here.mockClear();
    // It lays out nothing that it has laid out ahead.
    await athletes();
    expect(here).not.toHaveBeenCalled();
    const again = await startTestApp({
      databaseUrl: nadir.databaseUrl,
      today: nadir.clock.today(),
    });
    await again.app.get(AheadService).settled();
    const there = asked(again);
    await again.send('GET', '/api/squad/glances', { cookie });
    expect(there).not.toHaveBeenCalled();
    await again.close();
  });

  it('shows another coach nothing of it', async () => {
    expect(await athletes(await secondCoach(nadir))).toEqual([]);
  });
});
