import { type BlockFile, type OpenBlock, type PlannedDays, givenOf } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { addDays } from '@nadir/core/base';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import {
  TODAY,
  type TestApp,
  addBlock,
  firstCoach,
  startTestApp,
  wishes,
} from '../testing/test-app.js';

// The block of 16 weeks begins on Monday 15 February 2027; week 3 on 1 March.
const WEDNESDAY_OF_WEEK_3 = '2027-03-03';

describe('the plan by the day', () => {
  let nadir: TestApp;
  let cookie: string;
  let blockId: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  beforeEach(async () => {
    nadir.clock.set(TODAY);
    ({ blockId } = await addBlock(nadir, cookie));
  });
  afterAll(() => nadir.close());

  const days = async () =>
    ((await nadir.send('GET', `/api/blocks/${blockId}/days`, { cookie })).body as PlannedDays).days;
  const open = async () =>
    (await nadir.send('GET', `/api/blocks/${blockId}`, { cookie })).body as OpenBlock;
  const save = async (change: Partial<BlockFile>) => {
    const { revision } = await open();
    const body = { revision, wishes: { ...wishes, ...change }, words: 'Changed.' };
    return nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body });
  };
  /** Which transaction wrote each row. */
  const writtenBy = async () => {
    const rows = await nadir
      .knex('planned_days')
      .where({ block_id: blockId })
      .select(nadir.knex.raw('date, xmin::text AS by'));
    return new Map((rows as { date: string; by: string }[]).map(({ date, by }) => [date, by]));
  };
  const heavier = { volume: { peak: 90_000 } };

  it('comes along with a block from a file: what is over stays as it was handed out', async () => {
    nadir.clock.set(WEDNESDAY_OF_WEEK_3);
    const { athleteId, ...stored } = await open();
    expect(stored.history.length).toBeGreaterThan(10);
    const body = {
      athleteId,
      wishes: { ...wishes, ...heavier },
      history: stored.history,
    };
    const added = await nadir.send('POST', '/api/blocks', { cookie, body });
    expect(added.status).toBe(201);
    const { history } = added.body as OpenBlock;
    expect(history.map(({ day }) => day)).toEqual(stored.history.map(({ day }) => day));
    // Under ids of its own.
    expect(history[0]?.dayId).not.toBe(stored.history[0]?.dayId);
  });

  it('is what is laid out, each day and each run with an id of its own', async () => {
    const laid = layOut(givenOf(wishes)).weeks.flatMap((week) => week.days);
    const kept = await days();
    expect(kept.map(({ day }) => day)).toEqual(JSON.parse(JSON.stringify(laid)));
    const ids = kept.flatMap(({ dayId, runIds }) => [dayId, ...runIds]);
    expect(new Set(ids).size).toBe(ids.length);
    expect(kept.every(({ day, runIds }) => runIds.length === day.sessions.length)).toBe(true);
    expect((await open()).history).toEqual([]);
  });

  it('keeps the ids of its days through a save, and writes only what differs', async () => {
    const before = await days();
    const by = await writtenBy();
    await save({ pins: [{ week: 12, volume: 60_000 }] });
    const after = await days();
    expect(after.map(({ dayId }) => dayId)).toEqual(before.map(({ dayId }) => dayId));
    const rewritten = [...(await writtenBy())].filter(([date, now]) => by.get(date) !== now);
    const differing = after.filter(
      (each, index) =>
        JSON.stringify([each.day, each.week]) !==
        JSON.stringify([before[index]?.day, before[index]?.week]),
    );
    expect(differing.length).toBeGreaterThan(5);
    expect(differing.length).toBeLessThan(before.length);
    expect(rewritten.map(([date]) => date).sort()).toEqual(differing.map(({ day }) => day.date));
  });

  it('never rewrites a day that is over', async () => {
    const before = await days();
    nadir.clock.set(WEDNESDAY_OF_WEEK_3);
    const saved = (await save(heavier)).body as OpenBlock;
    const after = await days();
    const over = before.filter(({ day }) => day.date < WEDNESDAY_OF_WEEK_3);
    expect(over).toHaveLength(16);
    expect(after.slice(0, 16)).toEqual(over);
    expect(after).not.toEqual(before);
    expect(saved.history).toEqual(over);
    expect((await open()).history).toEqual(over);
  });

  it('is changed after it is over where the coach opens it, and stays from then on', async () => {
    const before = await days();
    nadir.clock.set(WEDNESDAY_OF_WEEK_3);
    const path = `/api/blocks/${blockId}/past`;
    const [from, to] = ['2027-02-22', '2027-02-28'];
    const inWeek2 = ({ day }: PlannedDays['days'][0]) => day.date >= from && day.date <= to;
    const change = (open: boolean) => nadir.send('PUT', path, { cookie, body: { from, to, open } });

    const opened = (await change(true)).body as OpenBlock;
    expect(opened.history).toEqual(before.slice(0, 16).filter((day) => !inWeek2(day)));
    await save({ pins: [{ week: 2, volume: 40_000 }] });
    const after = await days();
    expect(after.filter(inWeek2).map(({ week }) => week.volume)).toEqual(Array(7).fill(40_000));
    expect(after.map(({ dayId }) => dayId)).toEqual(before.map(({ dayId }) => dayId));
    expect(after.slice(0, 16).filter((day) => !inWeek2(day))).toEqual(opened.history);

    expect(((await change(false)).body as OpenBlock).history).toEqual(after.slice(0, 16));
    await save({ pins: [{ week: 2, volume: 30_000 }] });
    expect((await days()).slice(0, 16)).toEqual(after.slice(0, 16));
  });

  it('opens no day that is still to come: it stays once it is over', async () => {
    const before = await days();
    const body = { from: '2027-02-15', to: '2027-03-07', open: true };
    await nadir.send('PUT', `/api/blocks/${blockId}/past`, { cookie, body });
    nadir.clock.set(WEDNESDAY_OF_WEEK_3);
    await save(heavier);
    expect((await days()).slice(0, 16)).toEqual(before.slice(0, 16));
  });

  it('goes on from what was handed out, whatever the weeks before would be now', async () => {
    nadir.clock.set(WEDNESDAY_OF_WEEK_3);
    await save({ ...heavier, pins: [{ week: 1, volume: 20_000 }] });
    const [first] = await days();
    expect(first?.week.volume).not.toBe(20_000);
  });

  it('takes the days out that a later start leaves, but for those that are over', async () => {
    const before = await days();
    nadir.clock.set(WEDNESDAY_OF_WEEK_3);
    await save({ weeks: 12 });
    const after = await days();
    expect(after.slice(0, 16)).toEqual(before.slice(0, 16));
    expect(after.map(({ day }) => day.date)).toContain('2027-06-06');
    expect(after.some(({ day }) => day.date === '2027-03-08')).toBe(false);
  });

  it('hands out what was never written as it stood until now: a block from before', async () => {
    const before = await days();
    nadir.clock.set(WEDNESDAY_OF_WEEK_3);
    await nadir.knex('planned_days').where({ block_id: blockId }).delete();
    await save(heavier);
    expect((await days()).slice(0, 16).map(({ day }) => day)).toEqual(
      before.slice(0, 16).map(({ day }) => day),
    );
  });

  it('hands out no day from before the block was kept', async () => {
    nadir.clock.set(WEDNESDAY_OF_WEEK_3);
    ({ blockId } = await addBlock(nadir, cookie));
    expect((await days())[0]?.day.date).toBe(WEDNESDAY_OF_WEEK_3);
    nadir.clock.set(addDays(WEDNESDAY_OF_WEEK_3, 1));
    await save(heavier);
    expect((await open()).history.map(({ day }) => day.date)).toEqual([WEDNESDAY_OF_WEEK_3]);
  });
});
