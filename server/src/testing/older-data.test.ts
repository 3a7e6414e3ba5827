import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import type { BlockList, BlockVersion, OpenBlock, PlannedDays, Squad } from '@nadir/contract';
import { givenOf } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { describe, expect, it } from 'vitest';
import { connect } from '../database/knex.js';
import { type TestApp, freshDatabase, startTestApp } from './test-app.js';

/* Databases as an earlier Nadir left them, dumped with its last migration in the name. */

async function opened(dump: string, demo: boolean): Promise<TestApp> {
  const databaseUrl = await freshDatabase();
  const knex = connect(databaseUrl);
  const sql = gunzipSync(readFileSync(new URL(`dumps/${dump}.sql.gz`, import.meta.url)));
  await knex.raw(sql.toString());
  await knex.destroy();
  return startTestApp({ databaseUrl, demo });
}

/** Every block is there in its last version, with its history, and is laid out as its plan says. */
async function expectWhole(nadir: TestApp, cookie: string) {
  const ask = async <T>(path: string) => {
    const { status, body } = await nadir.send('GET', path, { cookie });
    expect(status, path).toBe(200);
    return body as T;
  };
  const { blocks } = await ask<BlockList>('/api/blocks');
  for (const { id, revision } of blocks) {
    const open = await ask<OpenBlock>(`/api/blocks/${id}`);
    expect(open.wishes).toMatchObject({ version: 3, engine: 1 });
    const version = await ask<BlockVersion>(`/api/blocks/${id}/history/${revision}`);
    expect(version.wishes).toEqual(open.wishes);
    const body = { revision, wishes: open.wishes, words: 'As it was.' };
    expect((await nadir.send('PUT', `/api/blocks/${id}`, { cookie, body })).status).toBe(200);
    const { days } = await ask<PlannedDays>(`/api/blocks/${id}/days`);
    const laid = layOut(givenOf(open.wishes)).weeks.flatMap((week) => week.days);
    const planned = new Map(days.map(({ day }) => [day.date, day]));
    const kept = laid.filter(({ date }) => planned.has(date));
    expect(kept.map(({ date }) => planned.get(date))).toEqual(JSON.parse(JSON.stringify(kept)));
    expect(laid.at(-1)?.date).toBe(days.at(-1)?.day.date);
  }
  return blocks;
}

describe('data of an earlier Nadir', () => {
  it('opens: the demo before plans were kept by the day', async () => {
    const nadir = await opened('005-demo', true);
    const { cookie } = await nadir.send('POST', '/api/sign-in/demo');
    const blocks = await expectWhole(nadir, cookie);
    expect(blocks.map(({ revision }) => revision).sort((a, b) => a - b)).toEqual([
      1, 1, 1, 1, 1, 2,
    ]);
    await nadir.close();
  });

  it('opens: a coach’s own folder, files of versions 1 and 2 in it', async () => {
    const nadir = await opened('005-own', false);
    const body = { email: 'maren@skerrylane.example', password: 'low tide at nine' };
    const { cookie } = await nadir.send('POST', '/api/sign-in', { body });
    const [block] = await expectWhole(nadir, cookie);
    expect(block?.wishes).toMatchObject({
      athlete: { name: 'Wren Castellan', unit: 'mi', unavailable: ['friday'] },
      pins: [{ week: 6, volume: 60_000 }],
    });
    const squad = (await nadir.send('GET', '/api/squad', { cookie })).body as Squad;
    expect(squad.athletes.map(({ facts }) => facts.birthYear)).toEqual([1994]);
    await nadir.close();
  });
});
