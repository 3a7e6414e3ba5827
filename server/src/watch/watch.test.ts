import type { WatchTracks } from '@nadir/contract';
import { marksOf } from '@nadir/core/record/activities';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, addBlock, firstCoach, startTestApp } from '../testing/test-app.js';

describe('the simulated watch', () => {
  let nadir: TestApp;
  let cookie: string;
  let path: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
    path = `/api/athletes/${(await addBlock(nadir, cookie)).athleteId}/watch`;
  });
  afterAll(() => nadir.close());

  const connect = (connected: boolean) => nadir.send('PUT', path, { cookie, body: { connected } });
  const tracks = (query = '?from=2027-02-01&to=2027-02-10') =>
    nadir.send('GET', `${path}/tracks${query}`, { cookie });

  it('hands out nothing before it is connected, nor after', async () => {
    expect((await nadir.send('GET', path, { cookie })).body).toEqual({ connected: false });
    expect(await tracks()).toMatchObject({ status: 409, body: { code: 'not-connected' } });
    expect((await connect(true)).body).toEqual({ connected: true });
    expect((await connect(true)).body).toEqual({ connected: true });
    expect((await tracks()).status).toBe(200);
    expect((await connect(false)).body).toEqual({ connected: false });
    expect((await tracks()).status).toBe(409);
  });

  it('runs what is planned up to yesterday, a Thursday missed, the same each time', async () => {
    await connect(true);
    nadir.clock.set('2027-02-24');
    const asked = '?from=2027-02-08&to=2027-03-01';
    const { tracks: all } = (await tracks(asked)).body as WatchTracks;
    const names = all.map(({ name }) => name);
    expect(names.length).toBeGreaterThanOrEqual(5);
    expect(names.some((name) => name >= '2027-02-24')).toBe(false);
    expect(names.some((name) => /2027-02-(11|18)/.test(name))).toBe(false);
    expect(((await tracks(asked)).body as WatchTracks).tracks).toEqual(all);
    const points = [...(all[0]?.gpx ?? '').matchAll(/lat="([^"]+)" lon="([^"]+)"><time>([^<]+)/g)];
    const marks = marksOf(
      points.map(([, latitude, longitude, at]) => ({
        latitude: Number(latitude),
        longitude: Number(longitude),
        at: Date.parse(at ?? ''),
      })),
    );
    // A believable run: 3 to 40 km at 3 to 8 min/km.
    const { metres = 0, seconds = 0 } = marks.at(-1) ?? {};
    expect(metres).toBeGreaterThan(3000);
    expect(metres).toBeLessThan(40_000);
    expect(seconds / (metres / 1000)).toBeGreaterThan(180);
    expect(seconds / (metres / 1000)).toBeLessThan(480);
  });

  it('is asked for a month at most', async () => {
    expect((await tracks('?from=2027-01-01&to=2027-02-10')).status).toBe(400);
  });
});
