import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { kept, root } from './paths.mjs';
import { precompress } from './precompress.mjs';
import { must, say } from './run.mjs';

/** npm packages as the lock file has them, installed when it changed. */
export async function packages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const stamp = join(kept, 'packages');
  if (existsSync(join(root, 'node_modules')) && read(stamp) === lock) return;
  say('Installing npm packages from the lock file …');
  await must('npm ci', 'npm', ['ci', '--no-audit', '--no-fund']);
  await write(stamp, lock);
}

/** JavaScript of core, contract and server, compiled when a source is newer. */
export async function compiled() {
  await packages();
  await grammar();
  await whenStale('compiled', ['core', 'contract', 'server'], ['dist'], async () => {
    say('Compiling …');
    await must('tsc', 'npx', ['tsc', '-b', '--singleThreaded', 'core', 'contract', 'server']);
  });
}

/** The site, built when a source is newer. */
export async function site() {
  await packages();
  await grammar();
  await whenStale('site', ['core', 'contract', 'web'], ['web/dist'], async () => {
    say('Building the site …');
    await must('vite build', 'npm', ['run', 'build', '-w', 'web']);
    await precompress(join(root, 'web/dist'));
  });
  return join(root, 'web/dist');
}

/** The parser of the shorthand, made again when its grammar changed. */
async function grammar() {
  await must('grammar', 'npm', ['run', '--silent', 'grammar']);
}

/** True when what `lay-out` needs is compiled and no source is newer. */
export function layOutIsCompiled() {
  return read(join(kept, 'compiled')) === newestChange(['core', 'contract', 'server']);
}

/**
 * @param {string} name
 * @param {string[]} folders whose sources count
 * @param {string[]} made what the work leaves behind
 * @param {() => Promise<void>} work
 */
async function whenStale(name, folders, made, work) {
  const newest = newestChange(folders);
  const stamp = join(kept, name);
  const there = made.every((path) =>
    path === 'dist'
      ? folders.every((folder) => existsSync(join(root, folder, path)))
      : existsSync(join(root, path)),
  );
  if (there && read(stamp) === newest) return;
  await work();
  await write(stamp, newest);
}

/**
 * Count, size and latest time of the sources and of what builds them: cheap to take, and different
 * after any change.
 *
 * @param {string[]} folders
 */
function newestChange(folders) {
  let [files, bytes, latest] = [0, 0, 0];
  const visit = (/** @type {string} */ path) => {
    const { mtimeMs, size } = statSync(path);
    if (!statSync(path).isDirectory()) {
      files += 1;
      bytes += size;
      latest = Math.max(latest, mtimeMs);
      return;
    }
    for (const entry of readdirSync(path)) visit(join(path, entry));
  };
  visit(join(root, 'package-lock.json'));
  for (const folder of folders) {
    visit(join(root, folder, 'src'));
    for (const name of ['vite.config.mjs', 'chunks.mjs']) {
      const config = join(root, folder, name);
      if (existsSync(config)) visit(config);
    }
  }
  return `${files} ${bytes} ${latest}`;
}

/** @param {string} path */
function read(path) {
  return existsSync(path) ? readFileSync(path, 'utf8') : undefined;
}

/**
 * @param {string} path
 * @param {string} text
 */
async function write(path, text) {
  await mkdir(kept, { recursive: true });
  await writeFile(path, text);
}
