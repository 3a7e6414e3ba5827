import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { kept, root } from './paths.mjs';
import { precompress } from './precompress.mjs';
import { must, say } from './run.mjs';

/** What the server and the command run. */
const COMPILED = ['core', 'contract', 'server'];
const distOf = (/** @type {string} */ folder) => `${folder}/dist`;

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
  await whenStale('compiled', stateOfSources(COMPILED), COMPILED.map(distOf), async () => {
    say('Compiling …');
    await must('tsc', 'npx', ['tsc', '-b', '--singleThreaded', ...COMPILED]);
  });
}

/** The site, built when a source is newer. */
export async function site() {
  await packages();
  await grammar();
  await whenStale('site', stateOfSources(['core', 'contract', 'web']), ['web/dist'], async () => {
    say('Building the site …');
    await must('vite build', 'npm', ['run', 'build', '-w', 'web']);
    await precompress(join(root, 'web/dist'));
  });
  return join(root, 'web/dist');
}

/** The parser of the shorthand, made again when its grammar changed, or what makes it. */
async function grammar() {
  const folder = 'core/src/sessions/shorthand';
  const from = [`${folder}/grammar.peggy`, 'command/grammar.mjs', 'package-lock.json'];
  await whenStale('grammar', stateOf(from), [`${folder}/grammar.ts`], async () => {
    await must('grammar', 'npm', ['run', '--silent', 'grammar']);
  });
}

/** True when what `lay-out` needs is compiled and no source is newer. */
export function layOutIsCompiled() {
  return read(join(kept, 'compiled')) === stateOfSources(COMPILED);
}

/**
 * @param {string} name
 * @param {string} state of what it is made from
 * @param {string[]} made what the work leaves behind
 * @param {() => Promise<void>} work
 */
async function whenStale(name, state, made, work) {
  const stamp = join(kept, name);
  if (made.every((path) => existsSync(join(root, path))) && read(stamp) === state) return;
  await work();
  await write(stamp, state);
}

/** The state of all sources of some packages, and of what builds them. @param {string[]} folders */
function stateOfSources(folders) {
  const configs = folders.flatMap((folder) =>
    ['vite.config.mjs', 'chunks.mjs'].map((name) => `${folder}/${name}`),
  );
  const sources = folders.map((folder) => `${folder}/src`);
  const there = configs.filter((path) => existsSync(join(root, path)));
  return stateOf(['package-lock.json', ...sources, ...there]);
}

/**
 * Count, size and latest time of files: cheap to take, and different after any change.
 *
 * @param {string[]} paths of files and folders
 */
function stateOf(paths) {
  let [files, bytes, latest] = [0, 0, 0];
  const visit = (/** @type {string} */ path) => {
    const stat = statSync(path);
    if (stat.isDirectory()) {
      for (const entry of readdirSync(path)) visit(join(path, entry));
      return;
    }
    files += 1;
    bytes += stat.size;
    latest = Math.max(latest, stat.mtimeMs);
  };
  for (const path of paths) visit(join(root, path));
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
