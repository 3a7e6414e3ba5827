import type { ArchiveTaken, HandoutFile, Refusal, Squad } from '@nadir/contract';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, addBlock, firstCoach, startTestApp } from '../testing/test-app.js';

type Files = Record<string, string>;

describe('all of a coach’s data', () => {
  let demo: TestApp;
  let demoCookie: string;
  let own: TestApp;
  let cookie: string;
  let archive: Uint8Array;
  beforeAll(async () => {
    demo = await startTestApp({ demo: true });
    demoCookie = (await demo.send('POST', '/api/sign-in/demo')).cookie;
    own = await startTestApp();
    cookie = await firstCoach(own);
    archive = await archiveOf(demo, demoCookie);
  });
  afterAll(async () => {
    await demo.close();
    await own.close();
  });

  const archiveOf = async (nadir: TestApp, as: string) => {
    const { body } = await nadir.send('GET', '/api/all-data', { cookie: as });
    return new Uint8Array(Buffer.from((body as HandoutFile).base64, 'base64'));
  };
  const filesOf = (bytes: Uint8Array): Files =>
    Object.fromEntries(
      Object.entries(unzipSync(bytes)).map(([path, content]) => [path, strFromU8(content)]),
    );
  const packed = (files: Files) =>
    zipSync(Object.fromEntries(Object.entries(files).map(([path, text]) => [path, strToU8(text)])));
  const takeIn = (bytes: Uint8Array) =>
    own.send('POST', '/api/all-data', {
      cookie,
      body: { base64: Buffer.from(bytes).toString('base64') },
    });
  const athletes = async () =>
    ((await own.send('GET', '/api/squad', { cookie })).body as Squad).athletes;

  it('leaves as open files, one folder for each athlete', () => {
    const files = filesOf(archive);
    const paths = Object.keys(files);
    expect(paths).toContain('README.txt');
    expect(paths.filter((path) => path.endsWith('/athlete.json')).length).toBeGreaterThan(5);
    const idris = paths.find((path) => path.includes('Idris Vale/block '));
    expect(JSON.parse(files[idris!]!)).toMatchObject({ format: 'nadir-block', version: 3 });
    for (const path of paths) expect(path).not.toMatch(/\.\.|\\|^\//);
  });

  const mended = (part: (files: Files) => void) => {
    const files = filesOf(archive);
    part(files);
    return packed(files);
  };
  const diary = (files: Files) => Object.keys(files).find((path) => path.endsWith('diary.json'))!;
  /** An archive whose directory says that its only file unpacks to so many bytes. */
  const statedAs = (bytes: number, zip: Uint8Array) => {
    const stated = Buffer.from(zip);
    const entry = stated.indexOf('PK\u0001\u0002', 'latin1');
    stated.writeUInt32LE(bytes, entry + 24);
    return stated;
  };

  it.each([
    ['no archive at all', () => strToU8('hello'), 'not a ZIP archive'],
    ['half an archive', () => archive.slice(0, archive.length / 2), 'not a ZIP archive'],
    ['another archive', () => packed({ 'a.txt': 'a' }), 'no nadir.json'],
    [
      'one that unpacks to more than it may',
      () => statedAs(130_000_000, zipSync({ 'nadir.json': new Uint8Array(4) })),
      'larger than any',
    ],
    [
      'a diary that is no JSON',
      () => mended((files) => (files[diary(files)] = '{"entries": [')),
      'diary.json is not JSON',
    ],
    [
      'a run that nobody ran',
      () =>
        mended((files) => {
          const entry = { date: '2027-02-01', place: 0, kind: 'run', distance: -5 };
          files[diary(files)] = JSON.stringify({ entries: [entry], mornings: [], reviews: [] });
        }),
      'diary.json',
    ],
    [
      'a block without its race',
      () =>
        mended((files) => {
          const path = Object.keys(files).find((each) => each.includes('/block '))!;
          files[path] = JSON.stringify({ format: 'nadir-block', version: 3 });
        }),
      'race',
    ],
  ])('refuses %s by name, and keeps nothing of it', async (_, made, words) => {
    const { status, body } = await takeIn(made());
    expect(status).toBe(400);
    expect((body as Refusal).message).toContain(words);
    expect((body as Refusal).message).toContain('Nothing was taken');
    expect(await athletes()).toEqual([]);
  });

  /** Days and runs have ids of the Nadir they are in. */
  const withoutIds = (text: string) =>
    text.replace(/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g, 'id');

  it('comes back in whole: what leaves again is the same', async () => {
    const taken = await takeIn(archive);
    expect(taken).toMatchObject({ status: 200, body: { rules: true } });
    expect((taken.body as ArchiveTaken).runs).toBeGreaterThan(100);
    const again = filesOf(await archiveOf(own, cookie));
    const before = filesOf(archive);
    expect(Object.keys(again)).toEqual(Object.keys(before));
    const head = (files: Files) => ({
      ...(JSON.parse(files['nadir.json']!) as object),
      madeAt: '',
      coach: '',
    });
    expect(head(again)).toEqual(head(before));
    for (const path of Object.keys(before).filter((each) => each !== 'nadir.json')) {
      expect(withoutIds(again[path]!), path).toBe(withoutIds(before[path]!));
    }
  });

  it('comes in as new beside what stands, whose rules are left alone', async () => {
    const rules = { values: {}, off: ['growth-over-cap'] };
    await own.send('PUT', '/api/house-rules', { cookie, body: rules });
    const before = (await athletes()).length;
    await addBlock(own, cookie);
    expect((await takeIn(archive)).body).toMatchObject({ rules: false });
    const here = Object.keys(filesOf(archive)).filter((path) => path.endsWith('athlete.json'));
    expect((await athletes()).length).toBeGreaterThan(before + here.length - 3);
    expect((await own.send('GET', '/api/coaching', { cookie })).body).toMatchObject({
      houseRules: rules,
    });
  });
});
