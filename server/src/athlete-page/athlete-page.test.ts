import { randomUUID } from 'node:crypto';
import type {
  AthletePage,
  AthleteRecord,
  LinkState,
  MoveRequests,
  Refusal,
  SentBody,
} from '@nadir/contract';
import { athletePage } from '@nadir/contract';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { type TestApp, addBlock, firstCoach, startTestApp, TODAY } from '../testing/test-app.js';

describe('an athlete’s page', () => {
  let nadir: TestApp;
  let cookie: string;
  let athleteId: string;
  let key: string;
  let phones = 0;
  let address = '';
  beforeAll(async () => {
    nadir = await startTestApp();
    cookie = await firstCoach(nadir);
    ({ athleteId } = await addBlock(nadir, cookie));
  });
  afterAll(() => nadir.close());
  beforeEach(async () => {
    key = keyIn(await link({ link: 'new' }));
    phones += 1;
    address = `10.1.0.${phones}`;
  });

  const keyIn = (state: LinkState) => state.address?.split('#')[1] ?? '';
  const link = async (body: object) =>
    (await nadir.send('PUT', `/api/athletes/${athleteId}/link`, { cookie, body }))
      .body as LinkState;
  const ask = (method: 'GET' | 'PUT', path = '', body?: object, bearer = key) =>
    nadir.app.inject({
      method,
      url: `/api/athlete-page${path}`,
      headers: { authorization: `Bearer ${bearer}` },
      remoteAddress: address,
      ...(body && { payload: body }),
    });
  const page = async () => (await ask('GET')).json<AthletePage>();
  const send = (body: SentBody, id: string = randomUUID()) => ask('PUT', `/sent/${id}`, body);
  const recordPath = () => `/api/athletes/${athleteId}/record`;
  const record = async () =>
    (await nadir.send('GET', `${recordPath()}?from=2027-01-01&to=2027-03-01`, { cookie }))
      .body as AthleteRecord;
  const coachKeeps = (body: object) => nadir.send('PUT', recordPath(), { cookie, body });
  const done = (date: string, entry: object, more: object = {}): SentBody => ({
    kind: 'done',
    date,
    entries: [{ revision: null, place: 0, kind: 'run', ...entry }],
    ...more,
  });

  it('shows the block as every handout does, and nothing that is the coach’s own', async () => {
    await coachKeeps({
      keep: [
        {
          revision: null,
          entry: {
            date: '2027-02-01',
            place: 0,
            kind: 'run',
            distance: 9000,
            note: 'Limps?',
            heart: 151,
          },
        },
      ],
      mornings: [
        {
          revision: null,
          morning: { date: '2027-02-01', sleep: 2, ill: 'below-neck', note: 'Private.' },
        },
      ],
      reviews: [
        {
          revision: null,
          review: { date: '2027-02-01', goal: 'Keep calm', words: 'Well run.', closed: true },
        },
      ],
    });
    const answer = await ask('GET');
    const shown = athletePage.parse(answer.json());
    expect(shown).toMatchObject({ athlete: 'Idris Vale', coach: 'Maren Tolvik', daysAhead: 0 });
    expect(shown.block?.weeks).toHaveLength(16);
    expect(shown.said).toEqual([{ date: '2027-02-01', words: 'Well run.' }]);
    expect(shown.done).toMatchObject([{ date: '2027-02-01', distance: 9000, mine: false }]);
    for (const secret of [
      'Limps',
      'Private',
      'below-neck',
      'heart',
      'Keep calm',
      'findings',
      'recentWeeks',
    ])
      expect(answer.body).not.toContain(secret);
  });

  it('has a secret of which only a fingerprint is stored, and that is told to its coach again', async () => {
    const state = await nadir.send('GET', `/api/athletes/${athleteId}/link`, { cookie });
    expect(state.body).toMatchObject({
      address: expect.stringMatching(/^http:\/\/[^/]+\/a\/#[\w-]{43}$/) as string,
    });
    expect((state.body as LinkState).code?.path).toMatch(/^M0 0h7v1h-7z/);
    expect(JSON.stringify(await nadir.knex('athlete_links'))).not.toContain(key);
  });

  it('ends when it is renewed, ended, past its last day, or its athlete is removed', async () => {
    const old = key;
    key = keyIn(await link({ link: 'new' }));
    expect((await ask('GET', '', undefined, old)).statusCode).toBe(401);
    expect((await ask('GET')).statusCode).toBe(200);
    await link({ ends: TODAY });
    expect((await ask('GET')).statusCode).toBe(200);
    nadir.clock.set('2027-02-11');
    expect((await ask('GET')).json()).toMatchObject({ code: 'link-ended' });
    nadir.clock.set(TODAY);
    const state = async (to: string) =>
      nadir.send('PUT', `/api/athletes/${athleteId}/state`, { cookie, body: { state: to } });
    await state('removed');
    expect((await ask('GET')).statusCode).toBe(401);
    await state('here');
    await link({ link: 'end' });
    expect((await send(done(TODAY, { distance: 1000 }))).statusCode).toBe(401);
  });

  it('takes no last day that has gone by, nor one years ahead', async () => {
    for (const ends of ['2027-02-09', '2031-01-01']) {
      const answer = await nadir.send('PUT', `/api/athletes/${athleteId}/link`, {
        cookie,
        body: { ends },
      });
      expect(answer.status).toBe(400);
    }
  });

  it('shuts out who guesses, and no other', async () => {
    const guesses = await Promise.all(
      Array.from({ length: 25 }, () => ask('GET', '', undefined, 'A'.repeat(43))),
    );
    expect(guesses.filter(({ statusCode }) => statusCode === 401)).toHaveLength(20);
    expect(guesses.at(-1)?.headers['retry-after']).toBeDefined();
    expect((await ask('GET')).statusCode).toBe(429);
    address = '10.2.0.1';
    expect((await ask('GET')).statusCode).toBe(200);
  });

  it('keeps what was run, once however often it is sent', async () => {
    const id = randomUUID();
    const body = done('2027-02-08', {
      distance: 12_000,
      time: 3900,
      effort: 4,
      words: 'Legs fine.',
    });
    const both = await Promise.all([send(body, id), send(body, id)]);
    expect(both.map(({ statusCode }) => statusCode)).toEqual([200, 200]);
    expect((await send(body, id)).json()).toEqual({ said: '' });
    const kept = (await record()).entries.filter(({ date }) => date === '2027-02-08');
    expect(kept).toEqual([
      {
        date: '2027-02-08',
        place: 0,
        kind: 'run',
        distance: 12_000,
        time: 3900,
        effort: 4,
        words: 'Legs fine.',
        source: 'athlete',
        revision: 1,
      },
    ]);
    // Another thing under the same name is not taken for the first.
    expect((await send(done('2027-02-07', { distance: 1 }), id)).json()).toMatchObject({
      code: 'not-taken',
    });
  });

  it('is written anew by its athlete on its own revision, and keeps the coach’s answer', async () => {
    await send(done('2027-02-06', { distance: 10_000 }));
    const [entry] = (await record()).entries.filter(({ date }) => date === '2027-02-06');
    const { revision, ...there } = entry!;
    await coachKeeps({
      keep: [{ revision, entry: { ...there, answer: 'Good.', note: 'Tired?' } }],
    });
    const stale = [{ revision: 1, place: 0, kind: 'run' as const, distance: 10_500 }];
    const late = await send({ kind: 'done', date: '2027-02-06', entries: stale });
    expect(late.statusCode).toBe(409);
    const known = (await page()).done.find(({ date }) => date === '2027-02-06')!;
    expect(known).toMatchObject({ answer: 'Good.', mine: true });
    const entries = [
      { revision: known.revision, place: 0, kind: 'run' as const, distance: 11_000 },
    ];
    expect((await send({ kind: 'done', date: '2027-02-06', entries })).statusCode).toBe(200);
    const kept = (await record()).entries.find(({ date }) => date === '2027-02-06');
    expect(kept).toMatchObject({ distance: 11_000, answer: 'Good.', note: 'Tired?', revision: 3 });
    const back = { place: 0, revision: 3 };
    expect(
      (await send({ kind: 'take-back', date: '2027-02-06', entries: [back] })).statusCode,
    ).toBe(200);
    expect((await page()).done.some(({ date }) => date === '2027-02-06')).toBe(false);
  });

  it('takes a second word on a day that is still on its way', async () => {
    await send(done('2027-02-03', { distance: 10_000 }));
    const more = done('2027-02-03', { distance: 10_000, effort: 3, words: 'Calm.' });
    expect((await send(more)).statusCode).toBe(200);
    const kept = (await record()).entries.find(({ date }) => date === '2027-02-03');
    expect(kept).toMatchObject({ effort: 3, words: 'Calm.', revision: 2 });
  });

  it('puts effort and words beside what the coach or a watch recorded, and says what stands', async () => {
    const run = {
      date: '2027-02-05',
      place: 0,
      kind: 'run',
      distance: 8200,
      time: 2500,
      source: 'watch',
    };
    await coachKeeps({ keep: [{ revision: null, entry: run }] });
    const same = await send(done('2027-02-05', { distance: 8200, time: 2500, effort: 5 }));
    expect(same.json()).toEqual({ said: '' });
    const other = await send(done('2027-02-05', { distance: 9000, words: 'Windy.' }));
    expect(other.json<{ said: string }>().said).toContain('already has this run');
    const kept = (await record()).entries.find(({ date }) => date === '2027-02-05');
    expect(kept).toMatchObject({ distance: 8200, effort: 5, words: 'Windy.', source: 'watch' });
    const entries = [{ place: 0, revision: kept!.revision }];
    expect((await send({ kind: 'take-back', date: '2027-02-05', entries })).statusCode).toBe(409);
  });

  it('puts where it hurts beside the morning that the coach noted', async () => {
    const sore = { where: 'left calf', level: 4, stride: true };
    await coachKeeps({ mornings: [{ revision: null, morning: { date: '2027-02-04', sleep: 3 } }] });
    const sent = await send({ kind: 'done', date: '2027-02-04', entries: [], sore });
    expect(sent.json()).toEqual({ said: '' });
    const { mornings } = await record();
    expect(mornings.find(({ date }) => date === '2027-02-04')).toMatchObject({ sleep: 3, sore });
    expect((await page()).sore).toContainEqual({ date: '2027-02-04', ...sore });
  });

  it.each([
    ['a day to come', done('2027-02-12', { distance: 5000 }), 'date'],
    ['a day of last autumn', done('2026-11-01', { distance: 5000 }), 'date'],
    ['a run no one runs', done('2027-02-03', { distance: 10_000, time: 600 }), 'entries'],
    ['a day moved into the past', { kind: 'move', from: '2027-02-12', to: '2027-02-01' }, 'to'],
    ['a day moved to itself', { kind: 'move', from: '2027-02-12', to: '2027-02-12' }, 'to'],
    ['a day moved by months', { kind: 'move', from: '2027-02-12', to: '2027-04-12' }, 'to'],
  ] as const)('refuses %s, keeps nothing, and takes it mended', async (_, body, at) => {
    const id = randomUUID();
    const refused = await send(body, id);
    expect(refused.statusCode).toBe(400);
    expect(refused.json<Refusal>().problems?.map(({ path }) => path[0])).toEqual([at]);
    const fine: SentBody = { kind: 'move', from: '2027-02-12', to: '2027-02-13' };
    expect((await send(fine, id)).statusCode).toBe(200);
  });

  it('takes today of an athlete for whom it is tomorrow already', async () => {
    expect((await send(done('2027-02-11', { distance: 5000 }))).statusCode).toBe(200);
  });

  it('asks to move a day, once; the coach’s answer is shown, and asking has an end', async () => {
    const id = randomUUID();
    const body: SentBody = { kind: 'move', from: '2027-02-12', to: '2027-02-13', words: 'Choir.' };
    await send(body, id);
    await send(body, id);
    const { requests } = (
      await nadir.send('GET', `/api/athletes/${athleteId}/move-requests`, { cookie })
    ).body as MoveRequests;
    expect(requests.filter((each) => each.id === id)).toMatchObject([
      { state: 'asked', words: 'Choir.' },
    ]);
    const answer = { state: 'moved', answer: 'Sing well.' };
    await nadir.send('PUT', `/api/move-requests/${id}`, { cookie, body: answer });
    expect((await page()).requests.find((each) => each.id === id)).toMatchObject(answer);
    const more = await Promise.all(Array.from({ length: 12 }, () => send(body)));
    expect(more.some(({ statusCode }) => statusCode === 409)).toBe(true);
  });
});
