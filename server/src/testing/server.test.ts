import { type Squad, routes, squad } from '@nadir/contract';
import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { readConfig } from '../config/config.js';
import { KNEX, connect } from '../database/knex.js';
import { migrate } from '../database/migrate.js';
import {
  TODAY,
  type TestApp,
  firstCoach,
  freshDatabase,
  startTestApp,
  wishes,
} from './test-app.js';

async function withApp(
  options: Parameters<typeof startTestApp>[0],
  work: (nadir: TestApp) => Promise<void>,
) {
  const nadir = await startTestApp(options);
  try {
    await work(nadir);
  } finally {
    await nadir.close();
  }
}

describe('starting', () => {
  it('names every setting that is wrong or unknown', () => {
    expect(() =>
      readConfig({ DATABASE_URL: 'file:x', NADIR_MODE: 'party', NADIR_COLOUR: 'red' }),
    ).toThrow(/DATABASE_URL.*NADIR_MODE.*NADIR_COLOUR/s);
    const url = 'postgres://x/y';
    for (const code of ['', '--------', 'short']) {
      expect(() => readConfig({ DATABASE_URL: url, NADIR_FIRST_COACH_CODE: code })).toThrow(/CODE/);
    }
    expect(readConfig({ DATABASE_URL: url, NADIR_HOSTS: 'A.example, b.example' }).hosts).toEqual([
      'a.example',
      'b.example',
    ]);
    expect(readConfig({ DATABASE_URL: 'postgres://x/y', HOME: '/' })).toMatchObject({
      port: 0,
      demo: false,
    });
  });

  it('migrates once however many start together, after a kill too', async () => {
    const url = await freshDatabase();
    const pools = [connect(url), connect(url), connect(url)];
    await Promise.all(pools.map(migrate));
    const [knex] = pools as [(typeof pools)[0]];
    await knex('knex_migrations_lock').update({ is_locked: 1 });
    await migrate(knex);
    expect(await knex('knex_migrations').pluck('name')).toEqual([
      '001-first-tables',
      '002-house-rules-and-templates',
      '003-named-paces',
      '004-library',
      '005-saves-and-history',
      '006-removed-templates',
      '007-planned-days',
      '008-record-and-past',
      '009-athlete-records',
      '010-diary',
      '011-calendars',
      '012-athlete-links',
      '013-mails',
    ]);
    await Promise.all(pools.map((pool) => pool.destroy()));
  });
});

describe('the server', () => {
  it('is healthy while its database is', () =>
    withApp({}, async ({ send, app }) => {
      expect(await send('GET', '/health/ready')).toMatchObject({ status: 200 });
      await app.get<Knex>(KNEX).destroy();
      expect(await send('GET', '/health/ready')).toMatchObject({
        status: 503,
        body: { status: 'down' },
      });
      expect(await send('GET', '/health/live')).toMatchObject({ status: 200 });
    }));

  it('sends security headers', () =>
    withApp({}, async ({ send }) => {
      const { headers } = await send('GET', '/health/live');
      expect(headers['content-security-policy']).toContain("default-src 'self'");
      expect(headers['x-content-type-options']).toBe('nosniff');
    }));

  it('documents every route it serves, where that is asked for', () =>
    withApp({ docs: true }, async ({ send }) => {
      const { body } = await send('GET', '/api/openapi.json');
      const { paths, components } = body as { paths: Record<string, object>; components: object };
      for (const { method, path } of Object.values(routes)) {
        expect(paths[path]).toHaveProperty(method.toLowerCase());
      }
      expect(JSON.stringify(components)).toContain('three-steps');
    }));

  it('keeps settings, strictly', () =>
    withApp({}, async (nadir) => {
      const cookie = await firstCoach(nadir);
      const body = { unit: 'mi', step: 0.5, theme: 'dark', weekStartsOn: 'sunday' };
      expect((await nadir.send('PATCH', '/api/settings', { cookie, body })).body).toMatchObject({
        settings: body,
      });
      const session = await nadir.send('GET', '/api/session', { cookie });
      expect(session.body).toMatchObject({ coach: { settings: body } });
      const bad = await nadir.send('PATCH', '/api/settings', {
        cookie,
        body: { ...body, step: 2, colour: 'red' },
      });
      expect(bad.status).toBe(400);
    }));

  it('gives each athlete the next race’s block, else the last one’s', () =>
    withApp({}, async (nadir) => {
      const cookie = await firstCoach(nadir);
      const { body } = await nadir.send('POST', '/api/athletes', {
        cookie,
        body: { name: 'Wren Castellan' },
      });
      const { id: athleteId } = body as { id: string };
      for (const date of ['2027-09-05', '2027-06-06', '2027-11-07']) {
        const laid = { ...wishes, race: { ...wishes.race, date } };
        await nadir.send('POST', '/api/blocks', { cookie, body: { athleteId, wishes: laid } });
      }
      const raceOn = async (today: string) => {
        nadir.clock.set(today);
        const signedIn = await nadir.send('POST', '/api/sign-in', {
          body: { email: 'maren@skerrylane.example', password: 'low tide at nine' },
        });
        const { athletes } = squad.parse(
          (await nadir.send('GET', '/api/squad', { cookie: signedIn.cookie })).body,
        );
        return athletes[0]?.block?.wishes.race.date;
      };
      expect(await raceOn('2027-02-10')).toBe('2027-06-06');
      expect(await raceOn('2027-06-07')).toBe('2027-09-05');
      expect(await raceOn('2028-01-01')).toBe('2027-11-07');
    }));
});

describe('the demo', () => {
  it('signs its coach in without a password, with six athletes mid-block', () =>
    withApp({ demo: true }, async ({ send }) => {
      const { cookie, status } = await send('POST', '/api/sign-in/demo');
      expect(status).toBe(200);
      const { athletes } = (await send('GET', '/api/squad', { cookie })).body as Squad;
      expect(athletes).toHaveLength(6);
      for (const { block } of athletes) {
        expect(block?.wishes.race.date && block.wishes.race.date > TODAY).toBe(true);
      }
    }));

  it('moves with the day while it is untouched, and stays once it is changed', async () => {
    const databaseUrl = await freshDatabase();
    const raceOn = async (today: string, change = false) => {
      let date: string | undefined;
      await withApp({ demo: true, databaseUrl, today }, async ({ send }) => {
        const { cookie } = await send('POST', '/api/sign-in/demo');
        const { athletes } = (await send('GET', '/api/squad', { cookie })).body as Squad;
        const block = athletes[0]?.block;
        date = block?.wishes.race.date;
        if (change && block) {
          const body = { revision: 1, wishes: block.wishes, words: 'Looked at it.' };
          await send('PUT', `/api/blocks/${block.id}`, { cookie, body });
        }
      });
      return date;
    };
    expect(await raceOn('2027-02-10')).toBe('2027-04-18');
    expect(await raceOn('2027-02-17', true)).toBe('2027-04-25');
    expect(await raceOn('2027-02-24')).toBe('2027-04-25');
  });
});
