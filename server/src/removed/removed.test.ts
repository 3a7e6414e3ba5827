import type { RemovedList, TemplateAnswer } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
} from '../testing/test-app.js';

describe('what was removed', () => {
  let nadir: TestApp;
  let cookie: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  afterAll(() => nadir.close());

  const removed = async (as = cookie) =>
    ((await nadir.send('GET', '/api/removed', { cookie: as })).body as RemovedList).removed;

  it('is listed newest first for thirty days, each coach their own, until it is put back', async () => {
    expect(await removed()).toEqual([]);
    const { athleteId, blockId } = await addBlock(nadir, cookie);
    const body = {
      name: 'Two peaks',
      template: { basis: 'distance', distance: 10_000, weeks: 12 },
    };
    const kept = await nadir.send('POST', '/api/templates', { cookie, body });
    const { id: templateId } = kept.body as TemplateAnswer;

    await nadir.send('DELETE', `/api/blocks/${blockId}`, { cookie });
    nadir.clock.set('2027-02-11');
    await nadir.send('DELETE', `/api/templates/${templateId}`, { cookie });
    const template = {
      kind: 'template',
      id: templateId,
      name: 'Two peaks',
      at: '2027-02-11T09:14:00.000Z',
    };
    const block = {
      kind: 'block',
      id: blockId,
      name: 'Idris Vale, Lantern Bay Marathon',
      at: '2027-02-10T09:14:00.000Z',
    };
    expect(await removed()).toEqual([template, block]);
    expect(await removed(await secondCoach(nadir))).toEqual([]);

    const state = (state: string) =>
      nadir.send('PUT', `/api/athletes/${athleteId}/state`, { cookie, body: { state } });
    nadir.clock.set('2027-02-12');
    await state('removed');
    expect((await removed()).map(({ kind, name }) => [kind, name])).toEqual([
      ['athlete', 'Idris Vale'],
      ['template', 'Two peaks'],
    ]);
    await state('here');
    expect(await removed()).toEqual([template, block]);

    // A sign-in lasts no longer than the list.
    nadir.clock.set('2027-03-12');
    const again = { email: 'maren@skerrylane.example', password: 'low tide at nine' };
    ({ cookie } = await nadir.send('POST', '/api/sign-in', { body: again }));
    expect(await removed()).toEqual([template, block]);
    nadir.clock.set('2027-03-13');
    expect(await removed()).toEqual([template]);
    await nadir.send('POST', `/api/templates/${templateId}/put-back`, { cookie });
    expect(await removed()).toEqual([]);
  });
});
