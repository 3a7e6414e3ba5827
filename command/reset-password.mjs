import { join } from 'node:path';
import { compiled } from './build.mjs';
import { modeOf, withDatabase } from './database.mjs';
import { root } from './paths.mjs';
import { run } from './run.mjs';

/**
 * `./nadir reset-password EMAIL [--demo]`: a new password for a coach, for
 * whoever can run this on the machine.
 *
 * @param {string[]} words
 * @returns {Promise<number>}
 */
export async function resetPassword(words) {
  const { mode, rest } = modeOf(words);
  const [email, ...more] = rest;
  if (email === undefined || more.length > 0) {
    throw new Error('usage: ./nadir reset-password EMAIL [--demo]');
  }
  await compiled();
  const tool = join(root, 'server/dist/tools/reset-password.js');
  return withDatabase(mode, async ({ url }) => {
    const env = { ...process.env, DATABASE_URL: url };
    return (await run(process.execPath, [tool, email], { env, show: true })).code;
  });
}
