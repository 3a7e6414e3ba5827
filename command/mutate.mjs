import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import process from 'node:process';

/* `npm run mutate -- layout/volume`: how many mutants of a folder of the core the tests kill. */

const [folder] = process.argv.slice(2);
if (folder === undefined || !existsSync(`core/src/${folder}`)) {
  process.stderr.write('Name a folder of core/src, for example: npm run mutate -- layout/volume\n');
  process.exit(2);
}
const mutate = `core/src/${folder}/**/*.ts,!core/src/**/*.test.ts,!core/src/**/grammar.*`;
const { status } = spawnSync('npx', ['stryker', 'run', '--mutate', mutate], {
  stdio: 'inherit',
  env: { ...process.env, NADIR_MUTATE: '1' },
});
process.exit(status ?? 1);
