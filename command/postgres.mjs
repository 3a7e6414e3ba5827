import { isRoot } from './debian.mjs';
import { must, run } from './run.mjs';

/** PostgreSQL refuses to run as root: then its own user runs it. @param {string} program @param {string[]} words @returns {[string, string[]]} */
export function asPostgres(program, words) {
  if (!isRoot) return [program, words];
  const drop = [
    '--reuid=postgres',
    '--regid=postgres',
    '--init-groups',
    '--inh-caps=-all',
    '--reset-env',
  ];
  return ['setpriv', [...drop, '--', program, ...words]];
}

/** @param {string} program @param {string[]} words */
export function runAsOwner(program, words) {
  return run(...asPostgres(program, words), { cwd: '/' });
}

/** @param {string} what @param {string} program @param {string[]} words */
export async function asOwner(what, program, words) {
  await must(what, ...asPostgres(program, words), { cwd: '/' });
}

/** Who owns the data: nobody in particular but for root. */
export async function postgresIds() {
  const [user, group] = await Promise.all(
    ['-u', '-g'].map((flag) => must('id postgres', 'id', [flag, 'postgres'])),
  );
  return { user: Number(user), group: Number(group) };
}

/**
 * How a client program reaches a database: the address without its password,
 * which other users of the machine could read, and the password beside it.
 *
 * @param {string} databaseUrl
 */
export function clientOf(databaseUrl) {
  const url = new URL(databaseUrl);
  const password = decodeURIComponent(url.password);
  url.password = '';
  return {
    address: url.href,
    env: { ...process.env, PGPASSWORD: password, PGCONNECT_TIMEOUT: '5' },
  };
}
