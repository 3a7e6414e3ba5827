import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, statSync } from 'node:fs';
import { open, rename, rm } from 'node:fs/promises';
import { dirname, join, resolve } from 'node:path';
import { backupsOf, folderFor } from './cluster.mjs';
import { modeOf, withDatabase } from './database.mjs';
import { clientOf } from './postgres.mjs';
import { must, plainly, say } from './run.mjs';
import { progress } from './progress.mjs';

/** Automatic backups that are kept; those a coach made are never touched. */
const KEPT = 7;
const AUTOMATIC = /^auto-.*\.dump$/;
const DAY_MS = 86_400_000;

/**
 * `./nadir backup [FILE] [--demo]`: all there is in one file, which only its
 * owner may read.
 *
 * @param {string[]} words
 * @returns {Promise<number>}
 */
export async function backup(words) {
  const { mode, rest } = modeOf(words);
  const [given, ...more] = rest;
  if (more.length > 0) throw new Error('usage: ./nadir backup [FILE] [--demo]');
  const file = given ? resolve(given) : join(await backupFolder(mode), `${stamp()}.dump`);
  if (existsSync(file)) throw new Error(`${file} is there already. Choose another name.`);
  return withDatabase(mode, async ({ url, programs }) => {
    await dump(url, programs, file);
    return 0;
  });
}

/**
 * Writes a backup beside its place, reads its list of contents again, and moves
 * it there when it is whole.
 *
 * @param {string} url
 * @param {string} programs
 * @param {string} file
 */
export async function dump(url, programs, file) {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const part = `${file}.part`;
  try {
    await write(url, programs, part);
    await must('Reading the backup again', join(programs, 'pg_restore'), ['--list', part]);
    await rename(part, file);
  } catch (error) {
    await rm(part, { force: true });
    throw new Error(`No backup was made: ${plainly(error)}`, { cause: error });
  }
  say(`Backed up to ${file} (${megabytes(statSync(file).size)}).`);
}

/** @param {string} url @param {string} programs @param {string} part */
async function write(url, programs, part) {
  const { address, env } = clientOf(url);
  const target = await open(part, 'w', 0o600);
  const shown = progress('Backing up');
  try {
    const words = ['--format=custom', '--no-owner', '--no-privileges', `--dbname=${address}`];
    const child = spawn(join(programs, 'pg_dump'), words, {
      env,
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    child.stderr.setEncoding('utf8').on('data', (/** @type {string} */ text) => (said += text));
    const ended = new Promise((done, failed) => {
      child.on('error', failed);
      child.on('close', done);
    });
    let bytes = 0;
    for await (const piece of child.stdout) {
      await target.writeFile(piece);
      bytes += piece.length;
      shown(megabytes(bytes));
    }
    if ((await ended) !== 0) throw new Error(said.trim());
    await target.sync();
  } finally {
    shown();
    await target.close();
  }
}

/**
 * A backup by itself: before a migration, and once a day.
 *
 * @param {{ mode: string, url: string, programs: string }} database
 * @param {string} [before] the first migration that is pending
 */
export async function backUpByItself({ mode, url, programs }, before) {
  const folder = await backupFolder(mode);
  const newest = automatic(folder).at(-1);
  const age = newest ? Date.now() - statSync(join(folder, newest)).mtimeMs : Infinity;
  if (before === undefined && age < DAY_MS) return;
  const name = `auto-${stamp()}${before === undefined ? '' : `-before-${before}`}.dump`;
  await dump(url, programs, join(folder, name));
  for (const old of automatic(folder).slice(0, -KEPT)) await rm(join(folder, old));
}

/** Automatic backups, oldest first. @param {string} folder */
function automatic(folder) {
  return existsSync(folder)
    ? readdirSync(folder)
        .filter((name) => AUTOMATIC.test(name))
        .sort()
    : [];
}

/** @param {string} mode */
async function backupFolder(mode) {
  return backupsOf(await folderFor(process.env.DATABASE_URL ? 'elsewhere' : mode));
}

/** `2026-11-26T09-14-00Z`: sorts by time, and is a file name everywhere. */
export function stamp() {
  return new Date().toISOString().replace(/\.\d+/, '').replaceAll(':', '-');
}

/** @param {number} bytes */
function megabytes(bytes) {
  return bytes < 1e5 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
}
