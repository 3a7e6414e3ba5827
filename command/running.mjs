import { existsSync, readFileSync } from 'node:fs';
import { mkdir, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { dataFolder } from './paths.mjs';

/**
 * What a start notes of itself: where it answers, what process it is, and on what folder.
 *
 * @typedef {{ pid?: unknown, began?: unknown, folder?: unknown, address?: unknown }} Note
 */

/** @param {string} mode */
const noteOf = (mode) => join(dataFolder, mode, 'running.json');

/**
 * The address of a start on this folder that is still alive. What a killed
 * one noted counts nothing, nor does the note that came with a copied folder.
 *
 * @param {string} mode
 */
export function alreadyRunning(mode) {
  const { pid, began, folder, address } = noted(mode);
  if (typeof pid !== 'number' || folder !== dataFolder) return undefined;
  return began !== undefined && began === beginningOf(pid) ? String(address) : undefined;
}

/** The port of the last time, so that bookmarks hold. @param {string} mode */
export function lastPort(mode) {
  const { address } = noted(mode);
  const port = typeof address === 'string' ? Number(address.split(':').at(-1)) : NaN;
  return Number.isInteger(port) && port > 0 ? port : undefined;
}

/** @param {string} mode @param {string} address */
export async function noteRunning(mode, address) {
  const note = { pid: process.pid, began: beginningOf(process.pid), folder: dataFolder, address };
  await mkdir(dirname(noteOf(mode)), { recursive: true });
  await writeFile(noteOf(mode), JSON.stringify(note));
}

/** Keeps the address for the next start, and says that nothing runs. @param {string} mode */
export async function forgetRunning(mode) {
  const { address } = noted(mode);
  if (address === undefined) return rm(noteOf(mode), { force: true });
  await writeFile(noteOf(mode), JSON.stringify({ address }));
}

/** @param {string} mode @returns {Note} */
function noted(mode) {
  if (!existsSync(noteOf(mode))) return {};
  try {
    return JSON.parse(readFileSync(noteOf(mode), 'utf8'));
  } catch {
    // Half-written by a kill: as good as none.
    return {};
  }
}

/** When a process began, in the kernel's ticks: a number is given again, a beginning is not. @param {number} pid */
function beginningOf(pid) {
  try {
    const status = readFileSync(`/proc/${pid}/stat`, 'utf8');
    // The name, in brackets, may hold anything; the 20th field after it is the start time.
    return status.slice(status.lastIndexOf(')') + 2).split(' ')[19];
  } catch {
    return undefined;
  }
}
