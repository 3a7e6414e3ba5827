import { randomInt } from 'node:crypto';
import { join } from 'node:path';
import { backUpByItself } from './backup.mjs';
import { compiled, site } from './build.mjs';
import { freePort, startCluster } from './cluster.mjs';
import { postgresPrograms } from './debian.mjs';
import { dataFolder, root } from './paths.mjs';
import { must, plainly, say } from './run.mjs';
import { alreadyRunning, forgetRunning, lastPort, noteRunning } from './running.mjs';
import { secretOf } from './secret.mjs';
import { startServer } from './server.mjs';
import { supervise, untilDead } from './supervise.mjs';

/** How often it is looked whether the day's backup is due. Milliseconds. */
const LOOK_FOR_BACKUP_MS = 600_000;

/**
 * Runs the application until it is told to stop, and stops all it started.
 * What ends by itself, database or server, is started again.
 *
 * @param {'demo' | 'own'} mode
 */
export async function serve(mode) {
  const other = alreadyRunning(mode);
  if (other) throw new Error(`It runs already, at ${other}. Stop that one first.`);

  /** @type {(() => Promise<void>)[]} in the order in which they are done */
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
  const isStopping = () => stopping;

  try {
    await compiled();
    const web = await site();
    const database = await databaseFor(mode);
    stops.unshift(database.stop);
    if (stopping) return 0;
    await backUpBeforeMigration(mode, database);
    say('Migrating and starting the server …');
    const code = newCode();
    const secret = secretOf(mode);
    const start = async (/** @type {number | string} */ port) =>
      startServer(
        {
          DATABASE_URL: database.url,
          NADIR_MODE: mode,
          NADIR_WEB: web,
          NADIR_PORT: String(port),
          NADIR_LOG: process.env.NADIR_LOG ?? 'warn',
          NADIR_FIRST_COACH_CODE: process.env.NADIR_FIRST_COACH_CODE ?? code,
          NADIR_SECRET: secret,
          NADIR_OUTBOX: process.env.NADIR_OUTBOX ?? join(dataFolder, `${mode}-outbox`),
        },
        { showLog: true },
      );
    let server = await start(process.env.NADIR_PORT ?? (await usualPort(mode)));
    stops.unshift(() => server.stop());
    await noteRunning(mode, server.address);
    stops.push(() => forgetRunning(mode));
    sayWhere(mode, server, process.env.NADIR_FIRST_COACH_CODE ?? code);

    const { port } = new URL(server.address);
    const startAgain = async () => {
      server = await start(port);
    };
    void supervise({ name: 'The server', ended: () => server.ended, startAgain }, isStopping);
    if (database.isAlive) {
      const { isAlive, startAgain: again } = database;
      const ended = () => untilDead(isAlive, isStopping);
      void supervise({ name: 'PostgreSQL', ended, startAgain: again }, isStopping);
    }
    const daily = setInterval(() => {
      if (backsUp()) void backUpByItself({ mode, ...database }).catch(sayError);
    }, LOOK_FOR_BACKUP_MS);
    await stopped;
    clearInterval(daily);
    return 0;
  } finally {
    if (stopping) say('\nStopping …');
    stopping = true;
    for (const stop of stops) await stop();
  }
}

/**
 * @typedef {{ url: string, programs: string, stop: () => Promise<void> } & Partial<Pick<import('./cluster.mjs').Cluster, 'isAlive' | 'startAgain'>>} Database
 */

/** @param {'demo' | 'own'} mode @returns {Promise<Database & { startAgain: () => Promise<void> }>} */
async function databaseFor(mode) {
  const url = process.env.DATABASE_URL;
  if (!url) return startCluster(mode);
  const nothing = () => Promise.resolve();
  return { url, programs: await postgresPrograms(), stop: nothing, startAgain: nothing };
}

/**
 * A migration changes what is stored: before it, and once a day, a backup is made.
 *
 * @param {'demo' | 'own'} mode
 * @param {Database} database
 */
async function backUpBeforeMigration(mode, { url, programs }) {
  if (!backsUp()) return;
  const tool = join(root, 'server/dist/tools/schema-state.js');
  const env = { ...process.env, DATABASE_URL: url };
  const { made, pending, unknown } = JSON.parse(
    await must('Looking at the database', process.execPath, [tool], { env }),
  );
  // Nothing is stored yet, or a newer Nadir stored it: the server says so.
  if (made.length === 0 || unknown.length > 0) return;
  try {
    await backUpByItself({ mode, url, programs }, pending[0]);
  } catch (error) {
    if (pending.length === 0) {
      sayError(error);
      return;
    }
    throw new Error(
      `${plainly(error)}\nThe data must be migrated (${pending.join(', ')}), and that is not done without a backup. Nothing was changed. NADIR_BACKUP=off goes on without one.`,
      { cause: error },
    );
  }
}

/** A coach who keeps backups otherwise says so. */
function backsUp() {
  return process.env.NADIR_BACKUP !== 'off';
}

/** @param {unknown} error */
function sayError(error) {
  say(plainly(error));
}

/**
 * @param {'demo' | 'own'} mode
 * @param {import('./server.mjs').Server} server
 * @param {string} code
 */
function sayWhere(mode, { address, demo, firstCoachWanted }, code) {
  if (demo && mode === 'own') {
    say(
      '\nThis database holds the demo, so it is opened as the demo. Your own data needs another.',
    );
  }
  if (!demo && mode === 'demo') {
    say(
      '\nThis database holds a coach’s own data, so it is opened as that; no demo is laid into it.',
    );
  }
  say(`\nNadir is at ${address}${demo ? '  (demo data)' : ''}`);
  if (firstCoachWanted) say(`Code for the first coach: ${code}`);
  say('Ctrl-C stops it.');
}

/** No letter or figure that is taken for another. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

/** Two groups of five: 49 bits, and tries are counted. */
function newCode() {
  const group = () => Array.from({ length: 5 }, () => LETTERS[randomInt(LETTERS.length)]).join('');
  return `${group()}-${group()}`;
}

/** The port of the last time when it is free, else any. @param {string} mode */
async function usualPort(mode) {
  const last = lastPort(mode);
  return last === undefined ? freePort() : freePort(last).catch(() => freePort());
}
