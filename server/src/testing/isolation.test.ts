import { randomUUID } from 'node:crypto';
import { type LinkState, type Route, routes } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  FIRST_COACH_CODE,
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
  wishes,
} from './test-app.js';

/**
 * Every route there is against everyone who may not use it, made from the
 * contract: a route that is added is tried without a line here, or the test
 * asks for a body it can be tried with.
 */
const OPEN: readonly string[] = [
  '/health/live',
  '/health/ready',
  '/api/session',
  '/api/sign-in',
  '/api/sign-in/demo',
  '/api/first-coach',
  '/api/sign-out',
];
const all = Object.values<Route>(routes);
const byLink = all.filter(({ door }) => door === 'link');
const closed = all.filter(({ path, door }) => !OPEN.includes(path) && door !== 'link');
const withId = closed.filter(({ path }) => path.includes('{id}'));

/** A body that would be taken from the coach whose thing it is. */
const BODIES: Readonly<Record<string, unknown>> = {
  'PUT /api/athletes/{id}': { revision: 1, facts: { name: 'Mine now' }, apart: [] },
  'POST /api/athletes/{id}/preview': { facts: { name: 'Mine now' } },
  'PUT /api/athletes/{id}/state': { state: 'removed' },
  'PUT /api/athletes/{id}/record': {
    keep: [
      { revision: null, entry: { date: '2027-02-09', place: 0, kind: 'run', distance: 9000 } },
    ],
  },
  'PUT /api/athletes/{id}/watch': { connected: true },
  'PUT /api/athletes/{id}/calendar': { address: 'new' },
  'PUT /api/athletes/{id}/link': { link: 'new' },
  'PUT /api/move-requests/{id}': { state: 'left' },
  'PUT /api/athletes/{id}/mails': { mailing: null },
  'POST /api/athletes/{id}/mails': {
    id: 'f0a9d4c2-7a53-4c1c-9a57-1d6f6f1b2c3d',
    week: '2027-02-15',
    form: 'week-text',
  },
  'PUT /api/athlete-page/sent/{id}': {
    kind: 'move',
    from: '2027-02-11',
    to: '2027-02-12',
  },
  'POST /api/blocks/{id}/handouts': { form: 'calendar' },
  'PUT /api/blocks/{id}/past': { from: '2027-02-01', to: '2027-02-07', open: true },
  'PUT /api/blocks/{id}': { revision: 1, wishes, words: 'Mine now.', saveId: randomUUID() },
};
/** What is asked for of a route that wants to know. */
const QUERIES: Readonly<Record<string, string>> = {
  '/api/athletes/{id}/record': '?from=2027-02-01&to=2027-02-28',
  '/api/athletes/{id}/watch/tracks': '?from=2027-02-01&to=2027-02-28',
};
const TABLES = [
  'coaches',
  'athletes',
  'blocks',
  'block_changes',
  'planned_days',
  'run_entries',
  'run_entry_changes',
  'health_notes',
  'week_reviews',
  'watches',
  'handouts',
  'calendars',
  'athlete_links',
  'sent_from_pages',
  'move_requests',
  'mailings',
  'mails',
  'templates',
];
const nameOf = ({ method, path }: Route) => `${method} ${path}`;
const table = (of: readonly Route[]) => of.map((route) => [nameOf(route), route] as const);

describe('a coach’s data', () => {
  let nadir: TestApp;
  let mine: string;
  let theirs: string;
  let ids: { blockId: string; athleteId: string; templateId: string; requestId: string };
  /** As an athlete’s page asks. */
  let bearer: { headers: { authorization: string } };

  beforeAll(async () => {
    nadir = await startTestApp();
    mine = await firstCoach(nadir);
    theirs = await secondCoach(nadir);
    const { blockId, athleteId } = await addBlock(nadir, mine);
    const template = { basis: 'distance', distance: 10_000 };
    const added = await nadir.send('POST', '/api/templates', {
      cookie: mine,
      body: { name: 'Ten weeks', template },
    });
    const link = await nadir.send('PUT', `/api/athletes/${athleteId}/link`, {
      cookie: mine,
      body: { link: 'new' },
    });
    const key = (link.body as LinkState).address?.split('#')[1] ?? '';
    bearer = { headers: { authorization: `Bearer ${key}` } };
    const requestId = randomUUID();
    const body = BODIES['PUT /api/athlete-page/sent/{id}'];
    await nadir.send('PUT', `/api/athlete-page/sent/${requestId}`, { ...bearer, body });
    ids = { blockId, athleteId, templateId: (added.body as { id: string }).id, requestId };
  });
  afterAll(() => nadir.close());

  const addressOf = (path: string, id?: string) => {
    const own = path.includes('athletes')
      ? ids.athleteId
      : path.includes('templates')
        ? ids.templateId
        : /request|sent/.test(path)
          ? ids.requestId
          : ids.blockId;
    const address = path.replace('{id}', id ?? own).replace('{revision}', '1');
    return `${address}${QUERIES[path] ?? ''}`;
  };
  const rows = async () =>
    JSON.stringify(await Promise.all(TABLES.map((name) => nadir.knex(name).orderByRaw('1, 2'))));
  const ask = (route: Route, cookie: string | undefined, id?: string) => {
    const body = BODIES[nameOf(route)] ?? (route.body ? {} : undefined);
    const options = {
      ...(cookie !== undefined && { cookie }),
      ...(body !== undefined && { body }),
    };
    return nadir.send(route.method, addressOf(route.path, id), options);
  };

  it('has routes to try', () => {
    expect(closed.length).toBeGreaterThan(15);
    expect(withId.length).toBeGreaterThan(6);
  });

  it.each(table(withId))(
    '%s is not there for another coach, and stays as it is',
    async (_, route) => {
      const before = await rows();
      expect(await ask(route, theirs)).toMatchObject({ status: 404, body: { code: 'not-found' } });
      expect(await rows()).toBe(before);
    },
  );

  it.each(table(withId))('%s answers an id that is nobody’s, or none, alike', async (_, route) => {
    const foreign = (await ask(route, theirs)).body;
    for (const id of [randomUUID(), '1%20OR%201=1', '..%2F..', '%00', ids.blockId.slice(1)]) {
      expect(await ask(route, mine, id)).toMatchObject({ status: 404, body: foreign as object });
    }
  });

  it.each(table(closed))('%s wants a sign-in: none, an expired, a forged one', async (_, route) => {
    const before = await rows();
    const [name, token = ''] = mine.split('=');
    for (const cookie of [undefined, `${name}=`, `${name}=${token.slice(0, -1)}x`, `${name}=%00`]) {
      expect(await ask(route, cookie)).toMatchObject({
        status: 401,
        body: { code: 'not-signed-in' },
      });
    }
    nadir.clock.set('2027-04-01');
    const expired = await ask(route, mine);
    nadir.clock.set('2027-02-10');
    expect(expired.status).toBe(401);
    expect(await rows()).toBe(before);
  });

  it.each(table(closed))('%s is shut to an athlete’s link', async (_, route) => {
    const before = await rows();
    const body = BODIES[nameOf(route)] ?? (route.body ? {} : undefined);
    const answer = await nadir.send(route.method, addressOf(route.path), {
      ...bearer,
      ...(body !== undefined && { body }),
    });
    expect(answer).toMatchObject({ status: 401, body: { code: 'not-signed-in' } });
    expect(await rows()).toBe(before);
  });

  it.each(table(byLink))('%s is opened by its link alone, and by no sign-in', async (_, route) => {
    const before = await rows();
    const key = bearer.headers.authorization.split(' ')[1] ?? '';
    const wrong = [
      {},
      { cookie: mine },
      { headers: { authorization: key } },
      { headers: { authorization: `Bearer ${key.slice(1)}A` } },
      { headers: { authorization: `Bearer ${key} ` + key } },
    ];
    const body = BODIES[nameOf(route)];
    for (const who of wrong) {
      const options = { ...who, ...(body !== undefined && { body }) };
      const answer = await nadir.send(route.method, addressOf(route.path), options);
      expect(answer).toMatchObject({ status: 401, body: { code: 'link-ended' } });
    }
    expect(await rows()).toBe(before);
  });

  it.each(table(all.filter(({ method }) => method !== 'GET')))(
    '%s takes nothing from another site',
    async (_, route) => {
      const before = await rows();
      const body = route.body ? {} : undefined;
      const foreign: Record<string, string>[] = [
        { origin: 'https://evil.example' },
        { origin: 'null' },
        { origin: 'http://localhost:1' },
        { 'sec-fetch-site': 'cross-site' },
        { 'sec-fetch-site': 'same-site' },
      ];
      for (const headers of foreign) {
        const options = { cookie: mine, headers, ...(body && { body }) };
        const answer = await nadir.send(route.method, addressOf(route.path), options);
        expect(answer).toMatchObject({ status: 403, body: { code: 'foreign-origin' } });
      }
      expect(await rows()).toBe(before);
    },
  );

  it.each(table(all))(
    '%s is not served under a foreign name, nor kept in a cache',
    async (_, route) => {
      const foreign = { headers: { host: 'evil.example' } };
      const answer = await nadir.send(route.method, addressOf(route.path), foreign);
      expect(answer).toMatchObject({ status: 421, body: { code: 'wrong-host' } });
      const { headers } = await nadir.send(route.method, addressOf(route.path));
      expect(headers['cache-control']).toBe('no-store');
    },
  );

  it('is not claimed by a form on another page, nor by any other kind of body', async () => {
    const fresh = await startTestApp();
    const coach = {
      name: 'Eve',
      email: 'eve@evil.example',
      password: 'low tide at nine',
      code: FIRST_COACH_CODE,
    };
    for (const [kind, payload] of [
      ['application/x-www-form-urlencoded', new URLSearchParams(coach).toString()],
      ['text/plain', JSON.stringify(coach)],
      ['multipart/form-data; boundary=x', `--x--`],
    ] as const) {
      const answer = await fresh.app.inject({
        method: 'POST',
        url: '/api/first-coach',
        headers: { 'content-type': kind },
        payload,
      });
      expect(answer.statusCode, kind).toBe(415);
    }
    const wrong = { ...coach, code: 'wrong-wrong' };
    const guessed = await fresh.send('POST', '/api/first-coach', { body: wrong });
    expect(guessed).toMatchObject({ status: 403, body: { code: 'wrong-code' } });
    expect(await fresh.knex('coaches').first()).toBeUndefined();
    const typed = { ...coach, code: 'ABCD EFGH' };
    expect((await fresh.send('POST', '/api/first-coach', { body: typed })).status).toBe(201);
    await fresh.close();
  });
});
