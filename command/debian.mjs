import { existsSync, readdirSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import { must, say } from './run.mjs';

const CLUSTER_CONFIG = '/etc/postgresql-common/createcluster.conf';
const POSTGRES = '/usr/lib/postgresql';
/** Chromium without windows, which opens a page in two thirds of the time; else the whole one. */
const CHROMIUM = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

export const isRoot = process.getuid?.() === 0;

/**
 * Folder of the PostgreSQL server's programs: of the newest, installed from
 * Debian's packages when there is none, without the cluster that Debian would
 * make; or of the major that a data folder was made with.
 *
 * @param {number} [major]
 * @throws Error with the way out where that major is not here
 */
export async function postgresPrograms(major) {
  if (major !== undefined) return programsOf(major);
  const found = newestPostgres();
  if (found) return found;
  say('Installing PostgreSQL from Debian …');
  await install(['postgresql-common']);
  await writeFile(CLUSTER_CONFIG, 'create_main_cluster = false\n');
  await install(['postgresql']);
  const installed = newestPostgres();
  if (!installed) throw new Error(`PostgreSQL was installed but not found under ${POSTGRES}.`);
  return installed;
}

/** @param {number} major */
async function programsOf(major) {
  const programs = join(POSTGRES, String(major), 'bin');
  if (existsSync(join(programs, 'postgres'))) return programs;
  const here = basename(dirname(await postgresPrograms()));
  if (here === String(major)) return programs;
  throw new Error(
    `The data was made with PostgreSQL ${major}, and only PostgreSQL ${here} is here. Nothing was changed. Either\n` +
      `  install it:  apt-get install postgresql-${major}\n` +
      `or, where PostgreSQL ${major} still runs, save and carry over:\n` +
      `  there:  ./nadir backup FILE\n  here:   ./nadir restore FILE      (what stands here now is kept beside it)`,
  );
}

/** Debian's headless Chromium, installed when none is there. */
export async function chromium() {
  const found = CHROMIUM.find((path) => existsSync(path));
  if (found) return found;
  say('Installing Chromium from Debian …');
  await install(['chromium-headless-shell']);
  const installed = CHROMIUM.find((path) => existsSync(path));
  if (!installed) throw new Error(`Chromium was installed but is not at ${CHROMIUM.join(' or ')}.`);
  return installed;
}

function newestPostgres() {
  if (!existsSync(POSTGRES)) return undefined;
  return readdirSync(POSTGRES)
    .map(Number)
    .filter(Number.isInteger)
    .sort((a, b) => b - a)
    .map((version) => join(POSTGRES, String(version), 'bin'))
    .find((programs) => existsSync(join(programs, 'initdb')));
}

/** @param {string[]} packages */
async function install(packages) {
  if (!isRoot) {
    throw new Error(
      `Debian packages are missing. Run this once, then try again:\n  sudo apt-get install -y ${packages.join(' ')}`,
    );
  }
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  await must('apt-get update', 'apt-get', ['update', '-q'], { env });
  await must(
    `Installing ${packages.join(' ')}`,
    'apt-get',
    ['install', '-y', '-q', '--no-install-recommends', ...packages],
    { env },
  );
}
