import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder } from './paths.mjs';

/**
 * The server's own secret, made at the first start and kept beside the data, readable by
 * its owner alone. It is in no backup: links to athletes' pages go on opening without it,
 * and only their addresses can no longer be shown.
 *
 * @param {'demo' | 'own'} mode
 * @returns {string}
 */
export function secretOf(mode) {
  if (process.env.NADIR_SECRET) return process.env.NADIR_SECRET;
  const file = join(dataFolder, `${mode}-secret`);
  if (!existsSync(file)) {
    mkdirSync(dataFolder, { recursive: true });
    writeFileSync(file, randomBytes(48).toString('base64url'), { mode: 0o600, flag: 'wx' });
  }
  return readFileSync(file, 'utf8').trim();
}
