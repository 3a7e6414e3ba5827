import { randomUUID } from 'node:crypto';
import { type BlockFile, type Route, routes } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import type { Knex } from 'knex';
import type { Clock } from '../clock/clock.js';
import { createApp } from '../create-app.js';
import { connect } from '../database/knex.js';

export const TODAY: CivilDate = '2027-02-10';

/** What the start of a server would have printed. */
export const FIRST_COACH_CODE = 'abcd-efgh';

/** A clock that a test moves by hand. */
export interface TestClock extends Clock {
  set: (date: CivilDate) => void;
}

function testClock(today: CivilDate = TODAY): TestClock {
  let date = today;
  return {
    now: () => new Date(`${date}T09:14:00Z`),
    today: () => date,
    set: (next) => (date = next),
  };
}

export interface TestApp {
  app: NestFastifyApplication;
  databaseUrl: string;
  knex: Knex;
  clock: TestClock;
  /** Sends a request, with a cookie when signed in; the answer's body is parsed JSON. */
  send: (
    method: Route['method'],
    url: string,
    options?: { body?: unknown; cookie?: string; headers?: Record<string, string> },
  ) => Promise<{ status: number; body: unknown; headers: Record<string, unknown>; cookie: string }>;
  close: () => Promise<void>;
}

/** An application of its own on a database of its own, made on the server the test command starts. */
export async function startTestApp(
  options: {
    demo?: boolean;
    docs?: boolean;
    outbox?: string;
    databaseUrl?: string;
    today?: CivilDate;
  } = {},
): Promise<TestApp> {
  const databaseUrl = options.databaseUrl ?? (await freshDatabase());
  const clock = testClock(options.today);
  const app = await createApp(
    {
      databaseUrl,
      host: '127.0.0.1',
      port: 0,
      demo: options.demo ?? false,
      today: undefined,
      web: undefined,
      logLevel: 'silent',
      hasParent: false,
      hosts: [],
      firstCoachCode: FIRST_COACH_CODE,
      outbox: options.outbox,
      secret: 'the tide goes out at nine, and comes in again',
      // A machine that is busy otherwise answers late, and is not what is tried.
      deadlineMs: 60_000,
      docs: options.docs ?? false,
    },
    clock,
  );
  await app.init();
  await app.getHttpAdapter().getInstance().ready();
  const knex = connect(databaseUrl);
  return {
    app,
    databaseUrl,
    knex,
    clock,
    async send(method, url, { body, cookie, headers } = {}) {
      const response = await app.inject({
        method,
        url,
        headers: { ...headers, ...(cookie !== undefined && { cookie }) },
        ...(body === undefined ? {} : { payload: body as object }),
      });
      const set = String(response.headers['set-cookie'] ?? '');
      return {
        status: response.statusCode,
        body: response.body === '' ? undefined : (JSON.parse(response.body) as unknown),
        headers: response.headers,
        cookie: set.split(';')[0] ?? '',
      };
    },
    async close() {
      await knex.destroy();
      await app.close();
    },
  };
}

/** Creates a database and gives its address. */
export async function freshDatabase(): Promise<string> {
  const server = process.env.NADIR_TEST_DATABASE_URL;
  if (server === undefined) {
    throw new Error('NADIR_TEST_DATABASE_URL is not set: run the tests with ./nadir test server.');
  }
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const knex = connect(server);
  await knex.raw('CREATE DATABASE ??', [name]);
  await knex.destroy();
  const url = new URL(server);
  url.pathname = `/${name}`;
  return url.href;
}

/** Creates a coach and gives the cookie of their sign-in. */
export async function firstCoach({ send }: TestApp): Promise<string> {
  const body = {
    name: 'Maren Tolvik',
    email: 'maren@skerrylane.example',
    password: 'low tide at nine',
    code: FIRST_COACH_CODE,
  };
  const { cookie } = await send('POST', routes.firstCoach.path, { body });
  return cookie;
}

/** A second coach, whom no route creates yet. */
export async function secondCoach({ knex, send }: TestApp): Promise<string> {
  const known = await knex<{ password_hash: string; settings: object }>('coaches').first();
  await knex('coaches')
    .insert({
      coach_id: randomUUID(),
      email: 'other@skerrylane.example',
      name: 'Other Coach',
      password_hash: known?.password_hash,
      settings: JSON.stringify(known?.settings),
      created_at: new Date(),
    })
    .onConflict('email')
    .ignore();
  const body = { email: 'other@skerrylane.example', password: 'low tide at nine' };
  return (await send('POST', routes.signIn.path, { body })).cookie;
}

export const wishes: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 21,
  athlete: { name: 'Idris Vale', recentWeeks: [52_000, 55_000, 54_000, 57_000] },
  race: { name: 'Lantern Bay Marathon', date: '2027-06-06', distance: 42_195 },
  weeks: 16,
};

/** Adds an athlete and a block, and gives both ids. */
export async function addBlock({ send }: TestApp, cookie: string) {
  const added = await send('POST', routes.addAthlete.path, {
    cookie,
    body: { name: 'Idris Vale' },
  });
  const athleteId = (added.body as { id: string }).id;
  const laid = await send('POST', routes.addBlock.path, { cookie, body: { athleteId, wishes } });
  return { athleteId, blockId: (laid.body as { id: string }).id, laid };
}
