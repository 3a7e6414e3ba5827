import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { FIRST_COACH_CODE, type TestApp, firstCoach, startTestApp } from '../testing/test-app.js';

const maren = { email: 'maren@skerrylane.example', password: 'low tide at nine' };

describe('signing in', () => {
  let nadir: TestApp;
  beforeEach(async () => {
    nadir = await startTestApp();
  });
  afterEach(() => nadir.close());

  it('asks for the first coach, once', async () => {
    const before = await nadir.send('GET', '/api/session');
    expect(before.body).toMatchObject({
      firstCoachWanted: true,
      coach: null,
      demo: false,
      today: '2027-02-10',
    });
    const created = await nadir.send('POST', '/api/first-coach', {
      body: { name: 'Maren Tolvik', ...maren, code: FIRST_COACH_CODE },
    });
    expect(created.status).toBe(201);
    expect(created.headers['set-cookie']).toMatch(/HttpOnly/);
    expect(created.headers['set-cookie']).toMatch(/SameSite=Strict/);
    const second = await nadir.send('POST', '/api/first-coach', {
      body: { name: 'Again', ...maren, code: FIRST_COACH_CODE },
    });
    expect(second).toMatchObject({ status: 409, body: { code: 'first-coach-exists' } });
    const after = await nadir.send('GET', '/api/session', { cookie: created.cookie });
    expect(after.body).toMatchObject({ firstCoachWanted: false, coach: { name: 'Maren Tolvik' } });
  });

  it('creates one first coach however many ask at once', async () => {
    const asked = await Promise.all(
      ['a', 'b', 'c'].map((name) =>
        nadir.send('POST', '/api/first-coach', {
          body: { ...maren, name, email: `${name}@skerrylane.example`, code: FIRST_COACH_CODE },
        }),
      ),
    );
    expect(asked.map(({ status }) => status).sort((a, b) => a - b)).toEqual([201, 409, 409]);
  });

  it('takes the address in any case, and signs out for good', async () => {
    await firstCoach(nadir);
    const body = { ...maren, email: 'Maren@SkerryLane.example' };
    const { status, cookie } = await nadir.send('POST', '/api/sign-in', { body });
    expect(status).toBe(200);
    expect((await nadir.send('GET', '/api/squad', { cookie })).status).toBe(200);
    await nadir.send('POST', '/api/sign-out', { cookie });
    expect(await nadir.send('GET', '/api/squad', { cookie })).toMatchObject({
      status: 401,
      body: { code: 'not-signed-in' },
    });
  });

  it('gives away neither address nor password', async () => {
    await firstCoach(nadir);
    const wrong = await nadir.send('POST', '/api/sign-in', {
      body: { ...maren, password: 'guess' },
    });
    const nobody = await nadir.send('POST', '/api/sign-in', {
      body: { ...maren, email: 'x@skerrylane.example' },
    });
    expect(wrong).toMatchObject({ status: 401, body: { code: 'wrong-sign-in' } });
    expect(nobody.body).toEqual(wrong.body);
  });

  it('stops counting tries only after a quarter of an hour', async () => {
    await firstCoach(nadir);
    const attempt = () =>
      nadir.send('POST', '/api/sign-in', { body: { ...maren, password: 'guess' } });
    for (let tries = 0; tries < 10; tries++) expect((await attempt()).status).toBe(401);
    expect(await attempt()).toMatchObject({ status: 429, body: { code: 'too-many-tries' } });
    nadir.clock.set('2027-02-11');
    expect((await attempt()).status).toBe(401);
  });

  it('stores neither password nor token', async () => {
    const cookie = await firstCoach(nadir);
    const stored = JSON.stringify([await nadir.knex('coaches'), await nadir.knex('sign_ins')]);
    expect(stored).toContain('$argon2id$');
    expect(stored).not.toContain(maren.password);
    expect(stored).not.toContain(cookie.split('=')[1]);
  });

  it('ends a sign-in after thirty days', async () => {
    const cookie = await firstCoach(nadir);
    nadir.clock.set('2027-03-11');
    expect((await nadir.send('GET', '/api/squad', { cookie })).status).toBe(200);
    nadir.clock.set('2027-03-13');
    expect((await nadir.send('GET', '/api/squad', { cookie })).status).toBe(401);
  });

  it('has no demo to sign in to', async () => {
    await firstCoach(nadir);
    expect((await nadir.send('POST', '/api/sign-in/demo')).status).toBe(404);
  });
});
