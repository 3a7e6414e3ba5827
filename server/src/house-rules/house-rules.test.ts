import type { BlockAnswer, Coaching } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
} from '../testing/test-app.js';

describe('house rules', () => {
  let nadir: TestApp;
  let cookie: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  afterAll(() => nadir.close());

  const save = (body: unknown, as = cookie) =>
    nadir.send('PUT', '/api/house-rules', { cookie: as, body });
  const rulesOf = async (as: string) =>
    ((await nadir.send('GET', '/api/coaching', { cookie: as })).body as Coaching).houseRules;

  it('are the coach’s own, and touch no block that is laid out', async () => {
    const { blockId, laid } = await addBlock(nadir, cookie);
    const other = await secondCoach(nadir);
    const rules = { values: { 'volume.growthCap': 0.08 }, off: ['taper-too-deep'] };
    expect((await save(rules)).body).toMatchObject({ houseRules: rules });
    expect(await rulesOf(cookie)).toEqual(rules);
    expect(await rulesOf(other)).toEqual({});
    const after = await nadir.send('GET', `/api/blocks/${blockId}`, { cookie });
    expect(after.body).toEqual(laid.body as BlockAnswer);
  });

  it.each([
    ['a figure that is none', { values: { 'volume.hope': 1 } }, ['values', 'volume.hope']],
    ['a cap over all', { values: { 'volume.growthCap': 2 } }, ['values', 'volume.growthCap']],
    ['half a week', { values: { 'recovery.every': 3.5 } }, ['values', 'recovery.every']],
    ['a field nobody asks for', { colour: 'red' }, ['colour']],
  ])('are refused with %s, and stay as they were', async (_, body, path) => {
    const before = await rulesOf(cookie);
    expect(await save(body)).toMatchObject({ status: 400, body: { problems: [{ path }] } });
    expect(await rulesOf(cookie)).toEqual(before);
  });
});
