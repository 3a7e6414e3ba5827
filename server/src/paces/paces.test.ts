import type { AthleteAnswer, BlockAnswer, BlockFile, Coaching } from '@nadir/contract';
import { defaultPaces } from '@nadir/core/paces';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import {
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
} from '../testing/test-app.js';

describe('paces', () => {
  let nadir: TestApp;
  let cookie: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
  });
  afterAll(() => nadir.close());

  const pacesOf = async (as: string) =>
    ((await nadir.send('GET', '/api/coaching', { cookie: as })).body as Coaching).paces;
  const save = (table: unknown, as = cookie) =>
    nadir.send('PUT', '/api/paces', { cookie: as, body: { table } });

  describe('named by the coach', () => {
    it('are their own, and go back to the product’s', async () => {
      const other = await secondCoach(nadir);
      const table = defaultPaces.map((pace) =>
        pace.id === 'easy' ? { ...pace, name: 'Chatty' } : pace,
      );
      expect((await save(table)).body).toMatchObject({ paces: table });
      expect(await pacesOf(cookie)).toEqual(table);
      expect(await pacesOf(other)).toBeNull();
      await save(null);
      expect(await pacesOf(cookie)).toBeNull();
    });

    it('change no block that has taken others', async () => {
      const { blockId, laid } = await addBlock(nadir, cookie);
      await save(defaultPaces.slice(0, 3));
      const after = await nadir.send('GET', `/api/blocks/${blockId}`, { cookie });
      expect(after.body).toEqual(laid.body);
      await save(null);
    });

    it.each([
      ['a name twice', [pace('easy', 'Easy'), pace('other', 'easy')], ['table', 1, 'name']],
      ['ends that cross', [{ ...pace('easy', 'Easy'), offset: [90, 50] }], ['table', 0, 'offset']],
      [
        'heart rates that cross',
        [{ ...pace('easy', 'Easy'), heart: { of: 'beats', from: 160, to: 140 } }],
        ['table', 0, 'heart', 'from'],
      ],
      ['none at all', [], ['table']],
      ['an id of spaces', [pace('not an id', 'Easy')], ['table', 0, 'id']],
    ])('are refused with %s, and stay as they were', async (_, table, path) => {
      const before = await pacesOf(cookie);
      expect(await save(table)).toMatchObject({ status: 400, body: { problems: [{ path }] } });
      expect(await pacesOf(cookie)).toEqual(before);
    });
  });

  describe('of an athlete', () => {
    let block: BlockAnswer;
    let athleteId: string;
    beforeEach(async () => {
      const added = await addBlock(nadir, cookie);
      block = added.laid.body as BlockAnswer;
      ({ athleteId } = added);
    });

    const keep = (results: unknown[], revision: number) =>
      nadir.send('PUT', `/api/blocks/${block.id}`, {
        cookie,
        body: {
          revision,
          words: 'Entered a result.',
          wishes: { ...block.wishes, athlete: { ...block.wishes.athlete, results } },
        },
      });
    const factsOf = async () =>
      ((await nadir.send('GET', `/api/athletes/${athleteId}`, { cookie })).body as AthleteAnswer)
        .facts;

    it('learn a result from the block it is entered on, and forget it with an undo', async () => {
      const result = { date: '2027-02-07', distance: 5000, time: 1146, kind: 'time-trial' };
      expect((await keep([result], 1)).status).toBe(200);
      expect((await factsOf()).results).toEqual([result]);
      expect((await keep([], 2)).status).toBe(200);
      expect((await factsOf()).results).toEqual([]);
    });

    it('are refused a result to come, or one that nobody runs, and nothing is kept', async () => {
      const results: [unknown, string][] = [
        [{ date: '2027-09-01', distance: 5000, time: 1146 }, 'date'],
        [{ date: '2027-02-07', distance: 5000, time: 60 }, 'time'],
        [{ date: '2027-02-07', distance: 0, time: 60 }, 'distance'],
      ];
      for (const [result, field] of results) {
        const path = ['wishes', 'athlete', 'results', 0, field];
        expect(await keep([result], 1)).toMatchObject({
          status: 400,
          body: { problems: [{ path }] },
        });
      }
      expect((await factsOf()).results).toBeUndefined();
      const kept = await nadir.send('GET', `/api/blocks/${block.id}`, { cookie });
      expect((kept.body as { wishes: BlockFile }).wishes).toEqual(block.wishes);
    });
  });
});

function pace(id: string, name: string) {
  return { id, name, base: { race: 42_195 }, offset: [50, 90] };
}
