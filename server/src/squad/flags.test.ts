import type { BlockGlances, Flags } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
  wishes,
} from '../testing/test-app.js';

describe('every block of a coach', () => {
  let nadir: TestApp;
  let cookie: string;
  let blockId: string;
  let athleteId: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
    ({ blockId, athleteId } = await addBlock(nadir, cookie));
  });
  afterAll(() => nadir.close());

  const asked = async (path: string, as = cookie) =>
    (await nadir.send('GET', path, { cookie: as })).body;
  const glances = async (as = cookie) =>
    ((await asked('/api/squad/blocks', as)) as BlockGlances).blocks;
  const flags = async (as = cookie) => ((await asked('/api/squad/flags', as)) as Flags).blocks;

  it('is seen at a glance, its weeks that are over as they were handed out', async () => {
    const [before] = await glances();
    expect(before).toMatchObject({ id: blockId, glance: { race: { name: wishes.race.name } } });
    nadir.clock.set('2027-03-08');
    const body = { revision: 1, wishes: { ...wishes, volume: { start: 30_000 } }, words: 'Less.' };
    await nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body });
    const [after] = await glances();
    const volumes = (of: typeof after) => of?.glance.weeks.map(({ volume }) => volume) ?? [];
    expect(volumes(after).slice(0, 3)).toEqual(volumes(before).slice(0, 3));
    expect(volumes(after)).not.toEqual(volumes(before));
  });

  it('is counted by what the house rules find in it, once for each week, without what is waived', async () => {
    expect(await flags()).toEqual([{ id: blockId, findings: expect.any(Object) as object }]);
    const shallow = async () => (await flags())[0]?.findings['recovery-too-shallow'];
    expect(await shallow()).toBeUndefined();
    const body = { values: { 'recovery.leastDepth': 0.5 } };
    await nadir.send('PUT', '/api/house-rules', { cookie, body });
    // Weeks 4, 8 and 12 recover; none is over.
    expect(await shallow()).toBe(3);
    const waivers = [{ check: 'recovery-too-shallow', reason: 'A light block.' }];
    const waived = { revision: 2, wishes: { ...wishes, waivers }, words: 'Waived.' };
    await nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body: waived });
    expect(await shallow()).toBeUndefined();
  });

  it('is nobody else’s, and is not counted once its athlete is archived', async () => {
    const other = await secondCoach(nadir);
    expect(await glances(other)).toEqual([]);
    expect(await flags(other)).toEqual([]);
    const body = { state: 'archived' };
    await nadir.send('PUT', `/api/athletes/${athleteId}/state`, { cookie, body });
    expect(await flags()).toEqual([]);
    expect(await glances()).toHaveLength(1);
  });
});
