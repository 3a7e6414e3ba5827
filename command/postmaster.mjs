import { existsSync, readFileSync, readdirSync, realpathSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { say } from './run.mjs';

/**
 * The postmaster that runs on the data, when it is that of this very folder: a
 * copied checkout brings the note of another one along.
 *
 * @param {string} data
 * @returns {{ pid: number, port: number } | undefined}
 */
export function ownPostmaster(data) {
  const { pid, port } = postmasterNote(data) ?? {};
  return pid !== undefined && port !== undefined && worksIn(pid, data) ? { pid, port } : undefined;
}

/** What a postmaster noted in its data folder. @param {string} data */
function postmasterNote(data) {
  const note = join(data, 'postmaster.pid');
  if (!existsSync(note)) return undefined;
  const [pid, folder = '', , port] = readFileSync(note, 'utf8').split('\n');
  return { note, pid: Number(pid), folder, port: Number(port) };
}

/** PostgreSQL works inside its data folder. @param {number} pid @param {string} data */
function worksIn(pid, data) {
  try {
    return realpathSync(`/proc/${pid}/cwd`) === realpathSync(data);
  } catch {
    // No such process, or one that was killed and is not yet buried.
    return false;
  }
}

/** How long what a killed postmaster left may take to end. Milliseconds. */
const ORPHANS_MS = 15_000;

/**
 * Takes the note of a postmaster away that no longer runs here, or never did: a
 * killed one, or that of a folder this one was copied from. Only once no process
 * works in the folder any more: a backend that outlives its postmaster by a
 * moment may still write.
 *
 * @param {string} data
 */
export async function clearNote(data) {
  const noted = postmasterNote(data);
  if (!noted || ownPostmaster(data)) return;
  const orphans = () =>
    readdirSync('/proc').some((pid) => /^\d+$/.test(pid) && worksIn(Number(pid), data));
  for (let waited = 0; orphans() && waited < ORPHANS_MS; waited += 100) await pause(100);
  if (orphans()) return;
  if (noted.folder !== data && existsSync(`/proc/${noted.pid}/cwd`)) {
    say(
      `The note of a PostgreSQL on ${noted.folder} (process ${noted.pid}) is not ours: that one is left alone.`,
    );
  }
  await rm(noted.note, { force: true });
}
