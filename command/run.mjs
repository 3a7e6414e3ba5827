import { spawn } from 'node:child_process';
import { root } from './paths.mjs';

/** @param {string} line */
export function say(line) {
  process.stdout.write(`${line}\n`);
}

/**
 * Runs a program to its end and gives what it printed.
 *
 * @param {string} program
 * @param {string[]} words
 * @param {{ env?: NodeJS.ProcessEnv, cwd?: string, show?: boolean }} [options]
 * @returns {Promise<{ code: number, output: string }>}
 */
export function run(program, words, { env = process.env, cwd = root, show = false } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(program, words, { cwd, env, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.setEncoding('utf8').on('data', (/** @type {string} */ text) => {
        output += text;
        if (show) process.stdout.write(text);
      });
    }
    child.on('error', reject);
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/**
 * Runs a program that must succeed.
 *
 * @param {string} what for the message, should it fail
 * @param {string} program
 * @param {string[]} words
 * @param {{ env?: NodeJS.ProcessEnv, cwd?: string }} [options]
 */
export async function must(what, program, words, options) {
  const { code, output } = await run(program, words, options);
  if (code !== 0)
    throw new Error(`${what} failed:\n${output.trim().split('\n').slice(-30).join('\n')}`);
  return output;
}

/** What Node calls what a disk or a folder refuses, in words. */
const DISK = /** @type {const} */ ({
  ENOSPC: 'the disk is full',
  EROFS: 'the folder is read-only',
  EACCES: 'this user may not write there',
  EPERM: 'this user may not do that there',
});

/**
 * What went wrong as a coach reads it.
 *
 * @param {unknown} error
 */
export function plainly(error) {
  if (!(error instanceof Error)) return String(error);
  const code = 'code' in error ? String(error.code) : '';
  const why = Object.entries(DISK).find(([known]) => known === code)?.[1];
  const where = 'path' in error && typeof error.path === 'string' ? `${error.path}: ` : '';
  return why === undefined ? error.message : `${where}${why}. Nothing was changed.`;
}
