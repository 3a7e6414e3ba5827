import type { Coaching } from '@nadir/contract';
import { startingFamilies } from '@nadir/core/sessions/library';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, firstCoach, secondCoach, startTestApp } from '../testing/test-app.js';

describe('the coach’s own sessions', () => {
  let nadir: TestApp;
  let cookie: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  afterAll(() => nadir.close());

  const own = { ...startingFamilies[0], id: 'harbour-loop', name: 'Harbour loop' };
  const libraryOf = async (as: string) =>
    ((await nadir.send('GET', '/api/coaching', { cookie: as })).body as Coaching).library;
  const save = (families: unknown, as = cookie) =>
    nadir.send('PUT', '/api/library', { cookie: as, body: { families } });

  it('are their own', async () => {
    const other = await secondCoach(nadir);
    expect((await save([own])).status).toBe(200);
    expect(await libraryOf(cookie)).toEqual([own]);
    expect(await libraryOf(other)).toEqual([]);
  });

  it.each([
    ['a text that cannot be read', [{ ...own, start: '6 x banana' }], ['families', 0, 'start']],
    ['a name twice', [own, { ...own, id: 'other' }], ['families', 1, 'name']],
    ['a way that is none', [{ ...own, way: 'sideways' }], ['families', 0, 'way']],
    ['a growth below nothing', [{ ...own, by: -1 }], ['families', 0, 'by']],
    ['ten thousand characters', [{ ...own, start: 'a'.repeat(10_000) }], ['families', 0, 'start']],
  ])('are refused with %s, and stay as they were', async (_, families, path) => {
    await save([own]);
    expect(await save(families)).toMatchObject({ status: 400, body: { problems: [{ path }] } });
    expect(await libraryOf(cookie)).toEqual([own]);
  });

  it('are nobody’s without a sign-in', async () => {
    expect((await nadir.send('PUT', '/api/library', { body: { families: [] } })).status).toBe(401);
  });
});
