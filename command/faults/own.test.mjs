import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { ask, freshData, nadir, send, start } from './nadir.mjs';

const maren = { email: 'maren@skerrylane.example', password: 'low tide at nine' };
const own = freshData();

afterAll(() => rmSync(own, { recursive: true, force: true }));

describe('a coach’s own data', () => {
  /** @type {Awaited<ReturnType<typeof start>>} */
  let running;
  const signIn = (/** @type {string} */ password) =>
    send(running.address, 'POST', '/api/sign-in', { body: { ...maren, password } });

  it('is claimed by whoever reads the terminal, and by nobody else', async () => {
    running = await start(own, 'start');
    const code = /Code for the first coach: (\S+)/.exec(running.said())?.[1];
    const claim = (/** @type {string | undefined} */ typed) =>
      send(running.address, 'POST', '/api/first-coach', {
        body: { name: 'Maren Tolvik', ...maren, code: typed ?? '' },
      });
    expect(await claim('aaaaa-aaaaa')).toMatchObject({ status: 403, body: { code: 'wrong-code' } });
    expect((await claim(code?.toUpperCase().replace('-', '')))?.status).toBe(201);
  });

  it('is opened by a new password from the machine, and by the old one no longer', async () => {
    const nobody = await nadir(own, 'reset-password', 'nobody@skerrylane.example');
    expect(nobody).toMatchObject({ code: 1, output: expect.stringContaining('no coach') });
    const { code, output } = await nadir(own, 'reset-password', maren.email.toUpperCase());
    expect({ code, output }).toMatchObject({ code: 0 });
    const password = /New password of \S+: (\S+)/.exec(output)?.[1] ?? '';
    expect((await signIn(maren.password))?.status).toBe(401);
    expect((await signIn(password))?.status).toBe(200);
  });

  it('is opened as what it is when demo is asked for', async () => {
    const note = readFileSync(join(own, 'own/cluster/postmaster.pid'), 'utf8').split('\n');
    const url = `postgres://nadir:${readFileSync(join(own, 'own/password'), 'utf8')}@127.0.0.1:${note[3]}/nadir`;
    const opened = await start(freshData(), 'demo', { DATABASE_URL: url, NADIR_BACKUP: 'off' });
    expect(opened.said()).toContain('holds a coach’s own data');
    expect((await send(opened.address, 'POST', '/api/sign-in/demo'))?.status).toBe(404);
    await opened.stop();
  });

  it('is backed up once a day and before a migration, the last seven times', async () => {
    // As the Nadir before left it.
    await ask(own, 'own', "DELETE FROM knex_migrations WHERE name LIKE '013%'");
    await ask(own, 'own', 'DROP TABLE mails, mailings');
    await running.stop();
    const folder = join(own, 'own/backups');
    mkdirSync(folder, { recursive: true });
    for (let day = 1; day <= 8; day++) writeFileSync(join(folder, `auto-2020-01-0${day}.dump`), '');
    writeFileSync(join(folder, 'my-own.dump'), '');
    running = await start(own, 'start');
    await running.stop();
    const kept = readdirSync(folder).sort();
    expect(kept.filter((name) => name.startsWith('auto-'))).toHaveLength(7);
    expect(kept.at(-2)).toMatch(/^auto-.*-before-013-mails\.dump$/);
    expect(kept).toContain('my-own.dump');
    // Backed up today: a start that migrates nothing makes no other.
    running = await start(own, 'start');
    await running.stop();
    expect(readdirSync(folder).sort()).toEqual(kept);
    expect(existsSync(join(own, 'own/running.json'))).toBe(true);
  });

  it('of a newer Nadir is refused in a sentence', async () => {
    running = await start(own, 'start');
    await ask(own, 'own', "INSERT INTO knex_migrations (name, batch) VALUES ('999-diary', 99)");
    await running.stop();
    const { code, output } = await nadir(own, 'start');
    expect({ code, output }).toMatchObject({
      code: 1,
      output: expect.stringContaining('made by a newer Nadir (999-diary)'),
    });
  });
});
