import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { root } from './paths.mjs';

/**
 * @typedef {object} Server
 * @property {string} address
 * @property {boolean} demo what the database holds, whatever was asked for
 * @property {boolean} firstCoachWanted
 * @property {Promise<number>} ended its exit code, when it ends
 * @property {() => Promise<void>} stop
 * @property {number | undefined} pid
 */

/** Settings that are the command's own: the server knows no such names. */
const OF_THE_COMMAND = ['NADIR_DATA', 'NADIR_BACKUP', 'NADIR_SOURCE_MAPS', 'NADIR_FUZZ_TIMES'];

/**
 * Starts the server and waits until it listens.
 *
 * @param {Record<string, string | undefined>} settings
 * @param {{ showLog?: boolean }} [options]
 * @returns {Promise<Server>}
 */
export function startServer(settings, { showLog = false } = {}) {
  const env = {
    ...process.env,
    ...settings,
    NADIR_HOST: '127.0.0.1',
    NADIR_PARENT: '1',
    NODE_ENV: 'production',
  };
  for (const name of OF_THE_COMMAND) Reflect.deleteProperty(env, name);
  const child = spawn(process.execPath, [join(root, 'server/dist/main.js')], {
    env,
    stdio: ['pipe', 'pipe', 'pipe'],
  });
  const ended = new Promise((resolve) => child.on('close', (code) => resolve(code ?? 1)));
  let printed = '';
  return new Promise((resolve, reject) => {
    let address = '';
    const read = (/** @type {string} */ text) => {
      if (showLog && address) process.stdout.write(text);
      if (address) return;
      printed += text;
      const line = /^\{"listening":.*\}$/m.exec(printed);
      if (!line) return;
      const { listening, demo, firstCoachWanted } = JSON.parse(line[0]);
      address = listening;
      resolve({ address, demo, firstCoachWanted, ended, stop, pid: child.pid });
    };
    child.stdout.setEncoding('utf8').on('data', read);
    child.stderr.setEncoding('utf8').on('data', read);
    void ended.then(() => reject(new Error(`The server ended while starting:\n${printed.trim()}`)));
  });

  async function stop() {
    child.kill('SIGTERM');
    await ended;
  }
}
