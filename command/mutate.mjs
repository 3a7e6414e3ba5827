import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import process from 'node:process';

/*
 * `npm run mutate -- layout/volume`: how many mutants of a folder of the core the
 * tests kill. A whole floor takes hours: `npm run mutate -- layout 20` breaks one
 * line in twenty, evenly over all of its files, and leaves out what is worked out
 * as a file is loaded, for that takes every test there is.
 */

const [folder, every = '1'] = process.argv.slice(2);
const from = `core/src/${folder ?? ''}`;
const one = Number(every);
if (folder === undefined || !existsSync(from) || !Number.isInteger(one) || one < 1) {
  process.stderr.write(
    'Name a folder of core/src, and for a part of it one line in how many: npm run mutate -- layout 20\n',
  );
  process.exit(2);
}
const part = one > 1 ? ['--ignoreStatic'] : [];
const { status } = spawnSync('npx', ['stryker', 'run', ...part, '--mutate', wanted().join(',')], {
  stdio: 'inherit',
  env: { ...process.env, NADIR_MUTATE: folder },
});
process.exit(status ?? 1);

/** Patterns of Stryker’s: the whole folder, or the lines of it that are taken. */
function wanted() {
  const files = readdirSync(from, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !/\.test\.ts$|grammar\./.test(name))
    .sort();
  if (one === 1) return files.map((name) => `${from}/${name}`);
  let seen = 0;
  return files.flatMap((name) => {
    const lines = readFileSync(`${from}/${name}`, 'utf8').split('\n');
    return lines.flatMap((_, index) =>
      seen++ % one === 0 ? [`${from}/${name}:${index + 1}-${index + 1}`] : [],
    );
  });
}
