import { routes } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, addBlock, firstCoach, startTestApp, wishes } from './test-app.js';

interface Refused {
  code: string;
  problems: { path: (string | number)[]; message: string }[];
}

/** Whatever is sent is taken or refused in a sentence: nothing sent makes a 500 or a hang. */
describe('the bounds of what is taken', () => {
  let nadir: TestApp;
  let cookie: string;
  let ids: { athleteId: string; blockId: string };
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
    ids = await addBlock(nadir, cookie);
  });
  afterAll(() => nadir.close());

  const save = (change: object) =>
    nadir.send('PUT', `/api/blocks/${ids.blockId}`, {
      cookie,
      body: { revision: 99, wishes: { ...wishes, ...change }, words: 'Tried.' },
    });
  const race = { name: 'Pier', date: '2027-06-06', distance: 10_000 };

  it.each(['\0', 'a\u0000b', '\uD800', 'b\uDFFF', '\u0007', '\u200B\u2060', '\u3164', '\u2800'])(
    'a name of %j is refused with its field, at every door',
    async (name) => {
      const family = {
        ...{ id: 'x', name, purpose: '', phases: [], tags: [], start: '5 km easy' },
        ...{ way: 'longer', by: 1, most: 3 },
      };
      const pace = { id: 'easy', name, base: { race: 10_000 }, offset: [50, 90] };
      const doors: [keyof typeof routes, object, string][] = [
        ['addAthlete', { name }, 'name'],
        ['addTemplate', { name, template: { basis: 'distance', distance: 10_000 } }, 'name'],
        ['saveHouseRules', { off: [name] }, 'off.0'],
        ['savePaces', { table: [pace] }, 'table.0.name'],
        ['saveLibrary', { families: [family] }, 'families.0.name'],
        [
          'addBlock',
          { ...ids, wishes: { ...wishes, race: { ...race, name } } },
          'wishes.race.name',
        ],
        ['firstCoach', { name, email: 'a@b.example', password: 'x'.repeat(12), code: 'x' }, 'name'],
      ];
      for (const [route, body, field] of doors) {
        const { method, path } = routes[route];
        const { status, body: answer } = await nadir.send(method, path, { cookie, body });
        const { problems } = answer as Refused;
        expect([route, status], JSON.stringify(answer)).toEqual([route, 400]);
        expect(problems.map(({ path: at }) => at.join('.'))).toContain(field);
      }
    },
  );

  it('a name is composed, trimmed and of one line, whatever brought it', async () => {
    const body = { name: ' Zoe\u0301\tFerrow \r\n' };
    const { body: added } = await nadir.send('POST', '/api/athletes', { cookie, body });
    expect(added).toMatchObject({ facts: { name: 'Zoé Ferrow' } });
  });

  it.each<[string, object, string]>([
    ['a week of Infinity', { volume: { start: 1e308 } }, 'wishes.volume.start'],
    ['a start of a metre', { volume: { start: 1 } }, 'wishes.volume.start'],
    ['a goal of a second', { race: { ...race, goalTime: 1 } }, 'wishes.race.goalTime'],
    ['a race in year 9999', { race: { ...race, date: '9999-12-31' } }, 'wishes.race.date'],
    ['a race in year 100', { race: { ...race, date: '0100-01-01' } }, 'wishes.race.date'],
    ['a race as the count begins', { race: { ...race, date: '1970-01-02' } }, 'wishes.race.date'],
    [
      'a holiday without end',
      { events: [{ kind: 'holiday', name: 'Away', from: '2027-04-11', to: '2200-12-31' }] },
      'wishes.events.0.to',
    ],
    [
      'a progression in a million steps',
      { days: [{ date: '2027-04-14', session: '10 km @ easy to marathon in 99999999 steps' }] },
      'wishes.days.0.session',
    ],
    [
      'a pace below nothing',
      { days: [{ date: '2027-04-14', session: '5 km @ mile - 9999 s/km' }] },
      'wishes.days.0.session',
    ],
    [
      'heart rates the wrong way round',
      { days: [{ date: '2027-04-14', session: '40 min @ 272-14 bpm' }] },
      'wishes.days.0.session',
    ],
    ['phases of one’s own without one', { phases: { layout: 'own' } }, 'wishes.phases.own'],
    [
      'a waiver of nothing',
      { waivers: [{ check: 'x', reason: 'y', value: null }] },
      'wishes.waivers.0.value',
    ],
  ])('%s is refused at once, in its place', async (_, change, path) => {
    const { status, body } = await save(change);
    expect(status, JSON.stringify(body)).toBe(400);
    expect((body as Refused).problems.map((problem) => problem.path.join('.'))).toContain(path);
  });

  it('a tree of two hundred thousand levels is refused before anything reads it', async () => {
    const deep = `${'['.repeat(100_000)}${']'.repeat(100_000)}`;
    const answer = await nadir.app.inject({
      method: 'POST',
      url: '/api/blocks',
      headers: { cookie, 'content-type': 'application/json' },
      payload: deep,
    });
    expect(answer.statusCode).toBe(400);
  });

  it('a thousand problems are fifty, and how many more', async () => {
    const many = Object.fromEntries(Array.from({ length: 900 }, (_, at) => [`key-${at}`, at]));
    const { status, body } = await save(many);
    expect(status).toBe(400);
    expect((body as Refused).problems).toHaveLength(51);
    expect((body as Refused).problems.at(-1)?.message).toBe('… and 850 more.');
  });

  it.each([
    ['signIn', 4],
    ['firstCoach', 4],
    ['addAthlete', 16],
    ['savePaces', 64],
    ['saveBlock', 260],
    ['addBlock', 2048],
    ['saveLibrary', 512],
  ] as const)('%s reads %d kB and no more', async (route, kilo) => {
    const { method, path } = routes[route];
    const sized = (bytes: number) =>
      nadir.send(method, path, { cookie, body: { x: 'x'.repeat(bytes - 8) } });
    expect((await sized(kilo * 1024)).status).toBe(400);
    expect((await sized(kilo * 1024 + 1)).status).toBe(413);
  });
});
