import type { TemplateAnswer, TemplateList } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, firstCoach, secondCoach, startTestApp } from '../testing/test-app.js';

const template = {
  basis: 'distance',
  distance: 42_195,
  weeks: 16,
  taper: { school: 'long-descent' },
  pins: [{ week: 3, volume: 60_000 }],
};

describe('templates', () => {
  let nadir: TestApp;
  let cookie: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  afterAll(() => nadir.close());

  const all = async (as: string) =>
    ((await nadir.send('GET', '/api/templates', { cookie: as })).body as TemplateList).templates;
  const add = (body: unknown) => nadir.send('POST', '/api/templates', { cookie, body });

  it('are kept, listed and taken away, each coach their own', async () => {
    expect(await all(cookie)).toEqual([]);
    const { id } = (await add({ name: 'Two peaks', template })).body as TemplateAnswer;
    expect(await all(cookie)).toEqual([{ id, name: 'Two peaks', template }]);
    const other = await secondCoach(nadir);
    expect(await all(other)).toEqual([]);
    const path = `/api/templates/${id}`;
    expect((await nadir.send('DELETE', path, { cookie: other })).status).toBe(404);
    expect((await nadir.send('DELETE', path, { cookie })).body).toEqual({ done: true });
    expect((await nadir.send('DELETE', path, { cookie })).status).toBe(404);
    expect(await all(cookie)).toEqual([]);
    const back = `${path}/put-back`;
    expect((await nadir.send('POST', back, { cookie: other })).status).toBe(404);
    expect((await nadir.send('POST', back, { cookie })).body).toEqual({ done: true });
    expect((await nadir.send('POST', back, { cookie })).status).toBe(404);
    expect(await all(cookie)).toEqual([{ id, name: 'Two peaks', template }]);
  });

  it.each([
    ['no name', { template }, ['name']],
    [
      'an athlete in it',
      { name: 'A', template: { ...template, athlete: {} } },
      ['template', 'athlete'],
    ],
    [
      'a million weeks',
      { name: 'A', template: { ...template, weeks: 1e6 } },
      ['template', 'weeks'],
    ],
  ])('are refused with %s', async (_, body, path) => {
    expect(await add(body)).toMatchObject({ status: 400, body: { problems: [{ path }] } });
  });
});
