import { HELP } from './help.mjs';
import { plainly } from './run.mjs';

/** Each word loads only what it needs: `lay-out` must not wait for the rest. */
const WORDS = {
  demo: async () => (await import('./serve.mjs')).serve('demo'),
  start: async () => (await import('./serve.mjs')).serve('own'),
  test: async (/** @type {string[]} */ rest) => (await import('./test.mjs')).test(rest),
  backup: async (/** @type {string[]} */ rest) => (await import('./backup.mjs')).backup(rest),
  restore: async (/** @type {string[]} */ rest) => (await import('./restore.mjs')).restore(rest),
  'reset-password': async (/** @type {string[]} */ rest) =>
    (await import('./reset-password.mjs')).resetPassword(rest),
  'lay-out': async (/** @type {string[]} */ rest) =>
    (await import('./lay-out.mjs')).layOutFile(rest),
  review: async (/** @type {string[]} */ rest) => (await import('./review.mjs')).reviewFile(rest),
  paces: async (/** @type {string[]} */ rest) => (await import('./paces.mjs')).pacesOfFile(rest),
  help: () => {
    process.stdout.write(HELP);
    return Promise.resolve(0);
  },
};

const [word = 'help', ...rest] = process.argv.slice(2);
const run = Object.entries(WORDS).find(([known]) => known === word)?.[1];
if (run) {
  try {
    process.exitCode = await run(rest);
  } catch (error) {
    process.stderr.write(`${plainly(error)}\n`);
    process.exitCode = 1;
  }
} else {
  process.stderr.write(`nadir: there is no "${word}". Words: ${Object.keys(WORDS).join(', ')}.\n`);
  process.exitCode = 2;
}
