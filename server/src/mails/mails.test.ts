import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { HandoutFile, Mails } from '@nadir/contract';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import {
  type TestApp,
  addBlock,
  firstCoach,
  secondCoach,
  startTestApp,
  TODAY,
} from '../testing/test-app.js';
import { CONFIG } from '../config/config.js';
import { dueOn } from './due-on.js';
import { MailsService } from './mails.service.js';

const ADDRESS = 'thea@skerrylane.example';
/** The block of the tests begins on the Monday after TODAY, a Wednesday. */
const FIRST_WEEK = '2027-02-15';

describe('mail to an athlete', () => {
  let nadir: TestApp;
  let cookie: string;
  let athleteId: string;
  let outbox: string;
  beforeAll(async () => {
    outbox = join(mkdtempSync(join(tmpdir(), 'nadir-outbox-')), 'mail');
    nadir = await startTestApp({ outbox });
    cookie = await firstCoach(nadir);
    ({ athleteId } = await addBlock(nadir, cookie));
  });
  afterAll(async () => {
    await nadir.close();
    rmSync(outbox, { recursive: true, force: true });
  });

  const path = () => `/api/athletes/${athleteId}/mails`;
  const state = async () => (await nadir.send('GET', path(), { cookie })).body as Mails;
  const set = (mailing: object | null) => nadir.send('PUT', path(), { cookie, body: { mailing } });
  const send = (body: object) => nadir.send('POST', path(), { cookie, body });
  const byHand = (id: string, form = 'week-text') => send({ id, week: FIRST_WEEK, form });
  const service = () => nadir.app.get(MailsService, { strict: false });
  const files = () => readdirSync(outbox).sort();
  const textOf = async (id: string) => {
    const { body } = await nadir.send('GET', `/api/mails/${id}`, { cookie });
    return Buffer.from((body as HandoutFile).base64, 'base64').toString('utf8');
  };

  it('wants an address that is one', async () => {
    expect((await byHand(randomUUID())).body).toMatchObject({ problems: [{ code: 'no-address' }] });
    for (const address of [
      '',
      'thea',
      'thea@x.example\r\nBcc: all@x.example',
      `${'a'.repeat(260)}@x.example`,
    ])
      expect((await set({ address, weekday: null, form: 'week-text' })).status).toBe(400);
    expect((await set({ address: ADDRESS, weekday: null, form: 'week-text' })).status).toBe(200);
  });

  it('sends a week by hand through the queue, once for each id, and shows what was sent', async () => {
    const id = randomUUID();
    const answers = await Promise.all([byHand(id), byHand(id), byHand(id)]);
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200]);
    await expect
      .poll(async () => (await state()).mails[0]?.state, { timeout: 30_000 })
      .toBe('sent');
    expect((await state()).mails).toHaveLength(1);
    expect(files()).toEqual([`${id}.eml`]);
    const mail = await textOf(id);
    expect(mail).toContain(`To: ${ADDRESS}`);
    expect(mail).toContain('From: Maren Tolvik <maren@skerrylane.example>');
    expect(mail).toMatch(/Subject: Idris Vale: week 1 of 16, Mon 15 Feb/);
    expect(mail).toContain('Week: 55 km, long run 15 km');
  });

  it('goes on where the database ends just as a mail is sent', async () => {
    const move = (from: string, to: string) =>
      nadir.knex.raw('ALTER SCHEMA ?? RENAME TO ??', [from, to]);
    const really = service().send.bind(service());
    let isAway = false;
    const sent = vi.spyOn(service(), 'send').mockImplementationOnce(async (key) => {
      await really(key);
      await move('pgboss', 'pgboss_away');
      isAway = true;
    });
    await byHand(randomUUID());
    await expect.poll(() => isAway, { timeout: 30_000 }).toBe(true);
    // What is noted of the job then fails; where nobody waited for it the server would end.
    await new Promise((resolve) => setTimeout(resolve, 500));
    await move('pgboss_away', 'pgboss');
    const after = randomUUID();
    await byHand(after);
    await expect.poll(files, { timeout: 30_000 }).toContain(`${after}.eml`);
    sent.mockRestore();
  });

  it('brings the sheet as a PDF where that is wished', async () => {
    const id = randomUUID();
    await byHand(id, 'week-sheet');
    await service().send({ coach_id: await coachId(), mail_id: id });
    const mail = await textOf(id);
    expect(mail).toContain('Content-Type: application/pdf');
    expect(mail).toContain('JVBERi0');
  });

  it('is another coach’s to read in nothing', async () => {
    const theirs = await secondCoach(nadir);
    const [first] = (await state()).mails;
    const answer = await nadir.send('GET', `/api/mails/${first!.id}`, { cookie: theirs });
    expect(answer.status).toBe(404);
  });

  const coachId = async () => {
    const mine = nadir.knex<{ coach_id: string; name: string }>('coaches');
    return (await mine.where('name', 'Maren Tolvik').first())!.coach_id;
  };

  it('goes out by itself on its day, for the week that comes, and once', async () => {
    await set({ address: ADDRESS, weekday: 'sunday', form: 'week-text' });
    expect(await service().noteDue()).toEqual([]);
    nadir.clock.set('2027-02-14');
    const [due, ...others] = await service().noteDue();
    expect(others).toEqual([]);
    expect(await service().noteDue()).toEqual([]);
    // The server was off for the rest of that Sunday.
    nadir.clock.set('2027-02-15');
    expect(await service().noteDue()).toEqual([]);
    expect(await service().left()).toEqual([due]);
    await service().send(due!);
    const before = files();
    await service().send(due!);
    expect(files()).toEqual(before);
    expect(await textOf(due!.mail_id)).toContain('week 1 of 16');
    nadir.clock.set('2027-02-22');
    const [next] = await service().noteDue();
    await service().send(next!);
    expect(await textOf(next!.mail_id)).toContain('week 2 of 16');
    nadir.clock.set(TODAY);
  });

  it('goes out to one athlete where the block of another cannot be read', async () => {
    const { athleteId: other, blockId } = await addBlock(nadir, cookie);
    const mailing = { address: 'runa@skerrylane.example', weekday: 'sunday', form: 'week-text' };
    await nadir.send('PUT', `/api/athletes/${other}/mails`, { cookie, body: { mailing } });
    const broken = nadir.knex('blocks').where({ block_id: blockId });
    const before = await broken.clone().first<{ wishes: object }>('wishes');
    await broken.clone().update({ wishes: '{}' });
    nadir.clock.set('2027-02-28');
    const due = await service().noteDue();
    await broken.clone().update({ wishes: JSON.stringify(before.wishes) });
    nadir.clock.set(TODAY);
    expect(due).toHaveLength(1);
    await service().send(due[0]!);
    const mails = nadir.knex<{ athlete_id: string }>('mails');
    const noted = await mails.where(due[0]!).first('athlete_id');
    expect(noted).toEqual({ athlete_id: athleteId });
  });

  it('stays to be sent where it could not be, and is given up without an athlete', async () => {
    const id = randomUUID();
    const key = { coach_id: await coachId(), mail_id: id };
    const away = `${outbox}.away`;
    // Not noted through the queue, which would try by itself meanwhile.
    await nadir.knex('mails').insert({
      ...key,
      athlete_id: athleteId,
      week: FIRST_WEEK,
      to: ADDRESS,
      form: 'week-text',
      state: 'waiting',
      by_itself: false,
      at: new Date(),
    });
    const config = nadir.app.get<{ outbox: string }>(CONFIG, { strict: false });
    writeFileSync(away, 'no folder');
    config.outbox = away;
    await expect(service().send(key)).rejects.toThrow(/EEXIST|ENOTDIR/);
    expect(await service().left()).toEqual([key]);
    config.outbox = outbox;
    await service().send(key);
    expect(await service().left()).toEqual([]);
    await nadir.send('PUT', `/api/athletes/${athleteId}/state`, {
      cookie,
      body: { state: 'removed' },
    });
    await nadir.knex('mails').where(key).update({ state: 'waiting' });
    await service().send(key);
    expect(await nadir.knex('mails').where(key).first('state')).toEqual({ state: 'failed' });
    rmSync(away);
  });
});

describe('the day something is due', () => {
  it.each([
    ['sunday', '2027-02-14', '2027-02-14'],
    ['sunday', '2027-02-16', '2027-02-14'],
    ['sunday', '2027-02-17', undefined],
    [null, '2027-02-14', undefined],
  ] as const)('%s on %s: %s', (weekday, today, due) => {
    expect(dueOn(weekday, today, '2027-02-01')).toBe(due);
  });

  it('is none before it was set', () => {
    expect(dueOn('sunday', '2027-02-15', '2027-02-15')).toBeUndefined();
  });
});
