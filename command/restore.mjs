import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { rename, rm } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline';
import { stamp } from './backup.mjs';
import { ensurePassword, folderFor, makeCluster, openCluster, runningCluster } from './cluster.mjs';
import { modeOf } from './database.mjs';
import { postgresPrograms } from './debian.mjs';
import { clientOf } from './postgres.mjs';
import { must, plainly, run, say } from './run.mjs';

/** What a block says by itself: the rest is its athlete's record's and the coach's tables', or the format's. */
const ownWords = (/** @type {string} */ file) =>
  `(${file} - '{version,engine,athlete,houseRules,sessions}'::text[]) #- '{paces,table}'`;
/** Blocks whose last change, kept whole, is not the version that stands, or whose history has a gap. */
const TORN = `
  SELECT count(*) FROM blocks b JOIN athletes a USING (coach_id, athlete_id)
  WHERE NOT EXISTS (
      SELECT 1 FROM block_changes c
      WHERE c.coach_id = b.coach_id AND c.block_id = b.block_id AND c.revision = b.revision
        AND ${ownWords('c.after')} = ${ownWords('b.wishes')}
        AND coalesce(c.after->'athlete', '{}')
          = jsonb_strip_nulls(a.facts || coalesce(b.wishes->'athlete', '{}')))
    OR b.revision <> (
      SELECT count(*) FROM block_changes c
      WHERE c.coach_id = b.coach_id AND c.block_id = b.block_id)`;
const SUMMARY = `
  SELECT format('%s coaches, %s athletes, %s blocks in %s versions, the last saved %s',
    (SELECT count(*) FROM coaches), (SELECT count(*) FROM athletes),
    (SELECT count(*) FROM blocks), (SELECT count(*) FROM block_changes),
    coalesce((SELECT to_char(max(saved_at), 'YYYY-MM-DD HH24:MI') FROM blocks), 'never'))`;

/** For damaged data that is all there is. */
const ANYWAY = '--anyway';

/**
 * `./nadir restore FILE [--demo]`: reads a backup into a fresh cluster, checks
 * it, and only then puts it in the place of the old one, which is kept.
 *
 * @param {string[]} words
 * @returns {Promise<number>}
 */
export async function restore(words) {
  const anyway = words.includes(ANYWAY);
  const { mode, rest } = modeOf(words.filter((word) => word !== ANYWAY));
  const [given, ...more] = rest;
  if (given === undefined || more.length > 0)
    throw new Error('usage: ./nadir restore FILE [--demo]');
  if (process.env.DATABASE_URL) {
    throw new Error(
      'restore makes a cluster of its own here. Unset DATABASE_URL for that; into a server of yours, pg_restore reads the same file.',
    );
  }
  const file = resolve(given);
  const programs = await postgresPrograms();
  await readable(programs, file);
  if (await runningCluster(mode)) {
    throw new Error('Nadir runs on this data now. Stop it (Ctrl-C where it runs), then restore.');
  }
  const folder = await folderFor(mode);
  const data = join(folder, 'cluster.restoring');
  await rm(data, { recursive: true, force: true });
  try {
    await readInto(data, { programs, folder, file, anyway });
  } catch (error) {
    await rm(data, { recursive: true, force: true });
    throw new Error(`${plainly(error)}\nNothing was changed: what stood here stands as it was.`, {
      cause: error,
    });
  }
  await putInPlace(folder, data);
  return 0;
}

/** @param {string} programs @param {string} file */
async function readable(programs, file) {
  if (!existsSync(file)) throw new Error(`${file}: there is no such file.`);
  const { code, output } = await run(join(programs, 'pg_restore'), ['--list', file]);
  const tables = ['coaches', 'blocks', 'block_changes'];
  const whole = tables.every((table) => output.includes(`TABLE DATA public ${table} `));
  if (code !== 0 || !whole) {
    throw new Error(`${file} is not a backup of Nadir that can be read. Nothing was changed.`);
  }
}

/**
 * @param {string} data
 * @param {{ programs: string, folder: string, file: string, anyway: boolean }} of
 */
async function readInto(data, { programs, folder, file, anyway }) {
  const password = await ensurePassword(folder);
  await makeCluster({ programs, folder, data, password, lasting: true });
  const cluster = await openCluster({ programs, folder, data, password, lasting: true });
  try {
    say(`Reading ${file} …`);
    const { address, env } = clientOf(cluster.url);
    const words = ['--exit-on-error', '--no-owner', '--no-privileges', `--dbname=${address}`, file];
    await must('Restoring', join(programs, 'pg_restore'), words, { env });
    await check(cluster.url, programs, file).catch((/** @type {unknown} */ error) => {
      if (!anyway) throw error;
      say(`${plainly(error)} It is put in place all the same, as asked.`);
    });
  } finally {
    await cluster.stop();
  }
}

/**
 * Counts the rows of every table in the file and in the database, and looks
 * whether each block is its own last version.
 *
 * @param {string} url
 * @param {string} programs
 * @param {string} file
 */
async function check(url, programs, file) {
  say('Checking what was read …');
  const { address, env } = clientOf(url);
  const ask = async (/** @type {string} */ query) => {
    const words = ['-X', '-At', '-v', 'ON_ERROR_STOP=1', '-c', query, address];
    return (await must('Checking', join(programs, 'psql'), words, { env })).trim();
  };
  for (const [table, rows] of await rowsIn(programs, file)) {
    const found = Number(await ask(`SELECT count(*) FROM ${table}`));
    if (found !== rows) throw new Error(`${table} has ${found} rows of the ${rows} in the backup.`);
  }
  const torn = Number(await ask(TORN));
  if (torn > 0) {
    throw new Error(
      `${torn} of its blocks are not their own last version, or have a gap in their history: the data was damaged before it was backed up. An older backup may be whole; with ${ANYWAY} this one is put in place as it is.`,
    );
  }
  say(`Whole: ${await ask(SUMMARY)}.`);
}

/**
 * Rows of every table in a backup, counted in its text.
 *
 * @param {string} programs
 * @param {string} file
 * @returns {Promise<Map<string, number>>}
 */
async function rowsIn(programs, file) {
  const words = ['--data-only', '--file=-', file];
  const child = spawn(join(programs, 'pg_restore'), words, {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  /** @type {Map<string, number>} */
  const rows = new Map();
  let table;
  for await (const line of createInterface({ input: child.stdout })) {
    const begins = /^COPY (\S+) /.exec(line);
    if (begins?.[1]) {
      table = begins[1];
      rows.set(table, 0);
    } else if (line === '\\.') table = undefined;
    else if (table !== undefined) rows.set(table, (rows.get(table) ?? 0) + 1);
  }
  return rows;
}

/** @param {string} folder @param {string} data */
async function putInPlace(folder, data) {
  const place = join(folder, 'cluster');
  const old = join(folder, `cluster.kept-${stamp()}`);
  const stood = existsSync(place);
  if (stood) await rename(place, old);
  await rename(data, place);
  say('Restored.');
  if (stood)
    say(`What stood there before is kept in ${old}; remove it when you no longer need it.`);
}
