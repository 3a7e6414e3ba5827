import type { CalendarState } from '@nadir/contract';
import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
  wishes,
} from '../testing/test-app.js';

describe('a calendar that is subscribed to', () => {
  let nadir: TestApp;
  let cookie: string;
  let athleteId: string;
  let blockId: string;
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
    ({ athleteId, blockId } = await addBlock(nadir, cookie));
  });
  afterAll(() => nadir.close());

  const change = async (body: object) =>
    (await nadir.send('PUT', `/api/athletes/${athleteId}/calendar`, { cookie, body }))
      .body as CalendarState;
  /** As a device asks: without a sign-in, from an address of its own. */
  const ask = (address: string, headers: Record<string, string> = {}, from = '10.0.0.1') =>
    nadir.app.inject({
      method: 'GET',
      url: address.replace(/^https?:\/\/[^/]+/, ''),
      headers,
      remoteAddress: from,
    });
  const eventsIn = (text: string) =>
    new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((each) => new ICAL.Event(each));

  it('has an address that is told once, and is nowhere kept', async () => {
    const { address, since } = await change({ address: 'new' });
    expect(address).toMatch(/^http:\/\/[^/]+\/calendar\.ics\?key=[\w-]{43}$/);
    expect(since).not.toBeNull();
    const state = await nadir.send('GET', `/api/athletes/${athleteId}/calendar`, { cookie });
    expect(state.body).toMatchObject({ address: null, since });
    const stored = JSON.stringify(await nadir.knex('calendars'));
    expect(stored).not.toContain(address?.split('key=')[1]);
  });

  it('is sent to whoever has it, and not again while nothing changed', async () => {
    const { address } = await change({ address: 'new' });
    const first = await ask(address ?? '');
    expect(first.statusCode).toBe(200);
    expect(first.headers['content-type']).toContain('text/calendar');
    expect(eventsIn(first.body).length).toBeGreaterThan(50);
    const etag = String(first.headers.etag);
    expect((await ask(address ?? '', { 'if-none-match': etag })).statusCode).toBe(304);
    const body = {
      revision: 1,
      wishes: { ...wishes, pins: [{ week: 12, volume: 40_000 }] },
      words: 'Less.',
    };
    await nadir.send('PUT', `/api/blocks/${blockId}`, { cookie, body });
    const after = await ask(address ?? '', { 'if-none-match': etag });
    expect(after.statusCode).toBe(200);
    // Days keep their names: what was there before is changed, and not there twice.
    const names = (text: string) => new Set(eventsIn(text).map(({ uid }) => uid));
    const both = [...names(after.body)].filter((uid) => names(first.body).has(uid));
    expect(both.length).toBeGreaterThan(50);
  });

  it('stands at the athlete’s hour on every clock, the race on its whole day', async () => {
    const { address } = await change({ address: 'new', startsAt: '07:15' });
    const events = eventsIn((await ask(address ?? '')).body);
    const [first] = events;
    expect(first?.startDate.toString()).toMatch(/T07:15:00$/);
    // Of no zone: neither moved by where it is read, nor by a night on which clocks change.
    expect(first?.startDate.zone.tzid).toBe('floating');
    const hours = events.filter(({ startDate }) => !startDate.isDate);
    expect(new Set(hours.map(({ startDate }) => startDate.hour))).toEqual(new Set([7]));
    const race = events.find(({ summary }) => summary.includes(wishes.race.name));
    expect(race?.startDate.isDate).toBe(true);
    expect((await change({ startsAt: null })).startsAt).toBeNull();
  });

  it('leads nowhere once it is renewed or ended', async () => {
    const old = (await change({ address: 'new' })).address ?? '';
    const next = (await change({ address: 'new' })).address ?? '';
    expect((await ask(old)).statusCode).toBe(404);
    expect((await ask(next)).statusCode).toBe(200);
    expect((await change({ address: 'end' })).since).toBeNull();
    expect((await ask(next)).statusCode).toBe(404);
    expect((await ask('/calendar.ics')).statusCode).toBe(404);
    expect((await ask('/calendar.ics?key=short')).statusCode).toBe(404);
  });

  it('is slowed down where it is asked too often, others unhindered', async () => {
    const guess = '/calendar.ics?key=0123456789012345678901234567890123456789012';
    const answers = await Promise.all(
      Array.from({ length: 100 }, () => ask(guess, {}, '10.0.0.66')),
    );
    const slowed = answers.filter(({ statusCode }) => statusCode === 429);
    expect(slowed).toHaveLength(40);
    expect(Number(slowed[0]?.headers['retry-after'])).toBeGreaterThan(0);
    const { address } = await change({ address: 'new' });
    expect((await ask(address ?? '', {}, '10.0.0.67')).statusCode).toBe(200);
  });

  it('is empty for an athlete without a block, and nobody else’s to see to', async () => {
    const added = await nadir.send('POST', '/api/athletes', { cookie, body: { name: 'Kit' } });
    const { id } = added.body as { id: string };
    const made = await nadir.send('PUT', `/api/athletes/${id}/calendar`, {
      cookie,
      body: { address: 'new' },
    });
    const { address } = made.body as CalendarState;
    expect(eventsIn((await ask(address ?? '', {}, '10.0.0.68')).body)).toEqual([]);
    const state = { state: 'removed' };
    await nadir.send('PUT', `/api/athletes/${id}/state`, { cookie, body: state });
    expect((await ask(address ?? '', {}, '10.0.0.68')).statusCode).toBe(404);
    const other = await secondCoach(nadir);
    const theirs = await nadir.send('GET', `/api/athletes/${id}/calendar`, { cookie: other });
    expect(theirs.status).toBe(404);
  });
});
