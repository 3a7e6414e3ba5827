import { existsSync, readdirSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { must, say } from './run.mjs';

const CLUSTER_CONFIG = '/etc/postgresql-common/createcluster.conf';
const POSTGRES = '/usr/lib/postgresql';
const CHROMIUM = '/usr/bin/chromium';

export const isRoot = process.getuid?.() === 0;

/**
 * Folder of the newest PostgreSQL server's programs, installed from Debian's
 * packages when it is missing, without the cluster that Debian would make.
 */
export async function postgresPrograms() {
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

/** Debian's Chromium, installed when it is missing. */
export async function chromium() {
  if (!existsSync(CHROMIUM)) {
    say('Installing Chromium from Debian …');
    await install(['chromium']);
  }
  return CHROMIUM;
}

function newestPostgres() {
  if (!existsSync(POSTGRES)) return undefined;
  return readdirSync(POSTGRES)
    .map(Number)
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
