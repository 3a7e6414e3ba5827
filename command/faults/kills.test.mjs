import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { folderFor, startCluster } from '../cluster.mjs';
import { startServer } from '../server.mjs';
import { send, sendUntilAnswered } from './nadir.mjs';

const KILLS = 20;
const CODE = 'gulls-tides';
const wishes = {
  format: 'nadir-block',
  version: 1,
  race: { name: 'Lantern Bay Marathon', date: '2027-06-06', distance: 42_195 },
  weeks: 16,
};

/** @type {import('../cluster.mjs').Cluster} */
let cluster;
/** @type {import('../server.mjs').Server} */
let server;
let cookie = '';
const settings = () => ({
  DATABASE_URL: cluster.url,
  NADIR_TODAY: '2027-02-10',
  NADIR_LOG: 'silent',
  NADIR_FIRST_COACH_CODE: CODE,
  NADIR_PORT: server ? new URL(server.address).port : '0',
});

beforeAll(async () => {
  // Synced to disk, as a coach's own is: only then does a kill prove anything.
  cluster = await startCluster('kills');
  server = await startServer(settings());
  const first = {
    name: 'Maren Tolvik',
    email: 'maren@skerrylane.example',
    password: 'low tide at nine',
    code: CODE,
  };
  const signedIn = await send(server.address, 'POST', '/api/first-coach', { body: first });
  cookie = signedIn?.cookie ?? '';
});

afterAll(async () => {
  await server.stop();
  await cluster.stop();
  await cluster.remove();
});

async function newBlock() {
  const ask = (/** @type {string} */ path, /** @type {unknown} */ body) =>
    send(server.address, 'POST', path, { body, cookie });
  const athlete = await ask('/api/athletes', { name: 'Idris Vale' });
  const laid = await ask('/api/blocks', { athleteId: athlete?.body.id, wishes });
  return laid?.body.id;
}

/**
 * Saves a block again and again as the site does: the same save until it is
 * answered, then the next. Gives the weeks of every acknowledged revision.
 *
 * @param {string} id
 * @param {() => boolean} isOver
 */
async function keepSaving(id, isOver) {
  const acknowledged = new Map([[1, 16]]);
  const statuses = new Set();
  for (let revision = 1, turn = 0; !isOver(); turn++) {
    const weeks = 8 + (turn % 8);
    const body = {
      saveId: randomUUID(),
      revision,
      wishes: { ...wishes, weeks },
      words: `${turn}.`,
    };
    const answer = await sendUntilAnswered(server.address, 'PUT', `/api/blocks/${id}`, {
      body,
      cookie,
    });
    statuses.add(answer.status);
    if (answer.status !== 200) break;
    revision = answer.body.revision;
    acknowledged.set(revision, weeks);
  }
  return { id, acknowledged, statuses: [...statuses] };
}

async function killPostgres() {
  const folder = await folderFor('kills');
  const [pid] = readFileSync(join(folder, 'cluster/postmaster.pid'), 'utf8').split('\n');
  process.kill(Number(pid), 'SIGKILL');
  await pause(200);
}

async function killServer() {
  if (server.pid) process.kill(server.pid, 'SIGKILL');
  await server.ended;
}

it('loses nothing that was acknowledged over twenty kills in mid-save, and quarrels with nobody', async () => {
  const blocks = [await newBlock(), await newBlock(), await newBlock()];
  let over = false;
  const saving = Promise.all(blocks.map((id) => keepSaving(id, () => over)));
  for (let kill = 0; kill < KILLS; kill++) {
    await pause(150 + ((kill * 97) % 400));
    if (kill % 3 !== 1) await killServer();
    if (kill % 3 !== 0) {
      await killPostgres();
      await cluster.startAgain();
    }
    if (kill % 3 !== 1) server = await startServer(settings());
  }
  await pause(500);
  over = true;

  for (const { id, acknowledged, statuses } of await saving) {
    // A 409 would be a conflict with oneself.
    expect(statuses).toEqual([200]);
    const path = `/api/blocks/${id}`;
    const stored = await sendUntilAnswered(server.address, 'GET', path, { cookie });
    expect(stored.body.revision).toBe(Math.max(...acknowledged.keys()));
    // Every revision was acknowledged, none was stored twice, and each is what was sent.
    expect([...acknowledged.keys()]).toEqual(
      Array.from({ length: stored.body.revision }, (_, index) => index + 1),
    );
    for (const [revision, weeks] of acknowledged) {
      const at = `${path}/history/${revision}`;
      const version = await sendUntilAnswered(server.address, 'GET', at, { cookie });
      expect(version.body.wishes.weeks).toBe(weeks);
    }
    const { body } = await sendUntilAnswered(server.address, 'GET', `${path}/days`, { cookie });
    expect(body.days.length).toBeGreaterThan(0);
  }
});
