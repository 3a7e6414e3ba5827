import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { root } from './paths.mjs';

/**
 * Starts the server and waits until it listens.
 *
 * @param {Record<string, string | undefined>} settings
 * @param {{ showLog?: boolean }} [options]
 * @returns {Promise<{ address: string, ended: Promise<number>, stop: () => Promise<void> }>}
 */
export function startServer(settings, { showLog = false } = {}) {
  const env = {
    ...process.env,
    ...settings,
    NADIR_HOST: '127.0.0.1',
    NADIR_PARENT: '1',
    NODE_ENV: 'production',
  };
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
      const line = /^\{"listening":"(.*)"\}$/m.exec(printed);
      if (!line?.[1]) return;
      address = line[1];
      resolve({ address, ended, stop });
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
