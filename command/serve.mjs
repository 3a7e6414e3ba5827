import { existsSync, readFileSync } from 'node:fs';
import { mkdir, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { compiled, site } from './build.mjs';
import { freePort, startCluster } from './cluster.mjs';
import { kept } from './paths.mjs';
import { say } from './run.mjs';
import { startServer } from './server.mjs';

/**
 * Runs the application until it is told to stop, and stops all it started.
 *
 * @param {'demo' | 'own'} mode
 */
export async function serve(mode) {
  const note = join(kept, mode, 'running.json');
  const other = alreadyRunning(note);
  if (other) throw new Error(`It runs already, at ${other}. Stop that one first.`);
  await mkdir(join(kept, mode), { recursive: true });

  /** @type {(() => Promise<void>)[]} newest first */
  const stops = [];
  let stopping = false;
  const stopped = new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
      process.on(signal, () => {
        stopping = true;
        resolve(0);
      });
    }
  });

  try {
    await compiled();
    const web = await site();
    const database = await databaseFor(mode);
    stops.unshift(database.stop);
    if (stopping) return 0;
    say('Migrating and starting the server …');
    const server = await startServer(
      {
        DATABASE_URL: database.url,
        NADIR_MODE: mode,
        NADIR_WEB: web,
        NADIR_PORT: String(process.env.NADIR_PORT ?? (await usualPort(note))),
        NADIR_LOG: process.env.NADIR_LOG ?? 'warn',
      },
      { showLog: true },
    );
    stops.unshift(server.stop);
    await writeFile(note, JSON.stringify({ pid: process.pid, address: server.address }));
    say(
      `\nNadir is at ${server.address}${mode === 'demo' ? '  (demo data)' : ''}\nCtrl-C stops it.`,
    );
    return await Promise.race([stopped, server.ended.then(() => 1)]);
  } finally {
    if (stopping) say('\nStopping …');
    for (const stop of stops) await stop();
    await forget(note);
  }
}

/** @param {'demo' | 'own'} mode */
async function databaseFor(mode) {
  const given = process.env.DATABASE_URL;
  if (given) return { url: given, stop: () => Promise.resolve() };
  return startCluster(mode);
}

/**
 * The address of a start that is still alive; what a killed one noted counts nothing.
 *
 * @param {string} note
 */
function alreadyRunning(note) {
  const { pid, address } = noted(note);
  if (typeof pid !== 'number' || pid === process.pid) return undefined;
  try {
    const words = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
    return words.includes('command/main.mjs') ? String(address) : undefined;
  } catch {
    // No such process: its note was left by a kill.
    return undefined;
  }
}

/**
 * The port of the last time, so that bookmarks hold, when it is free.
 *
 * @param {string} note
 */
async function usualPort(note) {
  const last = Number(
    String(noted(note).address ?? '')
      .split(':')
      .at(-1),
  );
  if (!Number.isInteger(last) || last <= 0) return freePort();
  return freePort(last).catch(() => freePort());
}

/** @param {string} note @returns {{ pid?: unknown, address?: unknown }} */
function noted(note) {
  if (!existsSync(note)) return {};
  try {
    return JSON.parse(readFileSync(note, 'utf8'));
  } catch {
    // Half-written by a kill: as good as none.
    return {};
  }
}

/** Keeps the address for the next start, and says that nothing runs. @param {string} note */
async function forget(note) {
  const { address } = noted(note);
  if (address === undefined) return rm(note, { force: true });
  await writeFile(note, JSON.stringify({ address }));
}
