import { hasCluster, runningCluster, startCluster } from './cluster.mjs';
import { postgresPrograms } from './debian.mjs';

/** @typedef {'demo' | 'own'} Mode */

/**
 * Which data a command is about, and its other words.
 *
 * @param {string[]} words
 * @returns {{ mode: Mode, rest: string[] }}
 */
export function modeOf(words) {
  const unknown = words.find((word) => word.startsWith('-') && word !== '--demo');
  if (unknown !== undefined)
    throw new Error(`There is no ${unknown} here; --demo is for the demo.`);
  const rest = words.filter((word) => word !== '--demo');
  return { mode: words.includes('--demo') ? 'demo' : 'own', rest };
}

/**
 * Does something with a database: the one that runs now, that of DATABASE_URL,
 * or ours, started for the purpose and stopped again.
 *
 * @template T
 * @param {Mode} mode
 * @param {(database: { url: string, programs: string }) => Promise<T>} work
 * @returns {Promise<T>}
 */
export async function withDatabase(mode, work) {
  const given = process.env.DATABASE_URL ?? (await runningCluster(mode));
  if (given) return work({ url: given, programs: await postgresPrograms() });
  if (!(await hasCluster(mode))) {
    const start = mode === 'demo' ? './nadir demo' : './nadir start';
    throw new Error(`There is no data here yet: ${start} makes it.`);
  }
  const cluster = await startCluster(mode);
  try {
    return await work(cluster);
  } finally {
    await cluster.stop();
  }
}
