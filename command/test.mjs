import { mkdtempSync, rmSync } from 'node:fs';
import { mkdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { compiled, packages, site } from './build.mjs';
import { startCluster } from './cluster.mjs';
import { chromium, postgresPrograms } from './debian.mjs';
import { kept, root } from './paths.mjs';
import { run, say } from './run.mjs';
import { startServer } from './server.mjs';
import { both, failureLines, NOTHING, ofPlaywright, ofVitest, whole } from './tally.mjs';

/**
 * `later`: what still runs beside the parts that follow.
 *
 * @typedef {import('./tally.mjs').Tally & { later?: Promise<Tally> }} Tally
 */

/** The demo's day in tests and pictures. */
const TEST_DAY = '2027-02-10';

/** The code for the first coach that the browser types. */
const TEST_CODE = 'gulls-tides';

/** @type {Record<string, (files: string[], isWhole: boolean) => Promise<Tally>>} */
const PARTS = {
  checks: staticChecks,
  unit: unitTests,
  server: serverTests,
  faults: faultTests,
  browser: browserTests,
};

/**
 * Runs every test, one part of them, or of a part the files whose names hold a
 * word, and ends with what failed, what it said, and the tally alone on a line.
 *
 * @param {string[]} words a part, and words of file names
 * @returns {Promise<number>} 0 when all passed
 */
export async function test([part, ...files]) {
  const chosen = Object.entries(PARTS).filter(([name]) => part === undefined || name === part);
  if (chosen.length === 0) {
    process.stderr.write(
      `nadir test: there is no part "${part}". Parts: ${Object.keys(PARTS).join(', ')}.\n`,
    );
    return 2;
  }
  await Promise.all([packages(), debianPackages(chosen.map(([name]) => name))]);
  await mkdir(join(kept, 'reports'), { recursive: true });
  let tally = NOTHING;
  const later = [];
  for (const [name, work] of chosen) {
    say(`\n— ${name}`);
    const done = await work(files, part === undefined);
    tally = both(tally, done);
    if (done.later) later.push(done.later);
  }
  for (const done of await Promise.all(later)) tally = both(tally, done);
  const { passed, failures } = tally;
  say(['', ...failures.map(failureLines)].join('\n'));
  say(`${passed} passed, ${failures.length} failed`);
  return failures.length === 0 && passed > 0 ? 0 : 1;
}

/** What parts need of Debian is fetched while npm's packages are. @param {readonly string[]} parts */
async function debianPackages(parts) {
  if (parts.some((part) => ['server', 'faults', 'browser'].includes(part)))
    await postgresPrograms();
  if (parts.includes('browser')) await chromium();
}

/** The types, which compile all there is on the way: what runs compiled waits for them. */
let types = Promise.resolve(NOTHING);

/** All static checks: errands wait for pages, and would wait for these. */
let checked = Promise.resolve(NOTHING);

/**
 * Types, then lint, format, import boundaries and unused code: each passes or
 * fails whole. They take one core for minutes, beside the tests.
 *
 * @returns {Promise<Tally>}
 */
function staticChecks() {
  types = scripts(['types']);
  checked = types.then(async (typed) => {
    // The linter takes as long as all others and the tests beside it.
    const [linted, others] = await Promise.all([
      scripts(['lint']),
      scripts(['format:check', 'boundaries', 'unused']),
    ]);
    return both(typed, both(linted, others));
  });
  return Promise.resolve({ ...NOTHING, later: checked });
}

/** @param {string[]} names of scripts in package.json @returns {Promise<Tally>} */
async function scripts(names) {
  /** @type {Tally} */
  const tally = { passed: 0, failures: [] };
  for (const name of names) {
    const { code, output } = await run('npm', ['run', '--silent', name]);
    say(`${code === 0 ? 'passed' : 'FAILED'}  ${name}`);
    if (code !== 0) say(output.trim());
    if (code === 0) tally.passed += 1;
    else tally.failures.push({ name });
  }
  return tally;
}

/**
 * Core, contract and site from their sources. The command runs what is compiled, and
 * waits for its processes: the server's tests, which wait for a database, run beside.
 *
 * @param {string[]} files
 * @returns {Promise<Tally>}
 */
async function unitTests(files) {
  const sources = await vitest('unit', ['core', 'contract', 'web'], files);
  await types;
  await compiled();
  return { ...sources, later: vitest('command', ['command'], files) };
}

/**
 * @param {string[]} files
 * @param {boolean} isWhole where more parts follow
 */
async function serverTests(files, isWhole) {
  // What works in threads of its own runs as it was built.
  await compiled();
  const cluster = await startCluster('test', { lasting: false });
  try {
    const tests = vitest('server', ['server'], files, { NADIR_TEST_DATABASE_URL: cluster.url });
    // They wait for their database more than they work: the site of the next parts is built beside.
    const [tally] = await Promise.all([tests, isWhole ? site() : undefined]);
    return tally;
  } finally {
    await cluster.stop();
    await cluster.remove();
  }
}

/**
 * Kills, backups, foreign folders: with what a coach starts, on data of its own. They wait
 * for a database more than they work, while the linter does.
 *
 * @param {string[]} files
 */
async function faultTests(files) {
  await compiled();
  await site();
  return vitest('faults', ['faults'], files, { VITEST_MAX_WORKERS: '3' });
}

/** Whole errands in Chromium, against the real server, database and built site. @param {string[]} files */
async function browserTests(files) {
  const executable = await chromium();
  await compiled();
  const web = await site();
  await checked;
  const cluster = await startCluster('browser', { lasting: false });
  try {
    const settings = {
      DATABASE_URL: cluster.url,
      NADIR_WEB: web,
      NADIR_TODAY: TEST_DAY,
      NADIR_LOG: 'error',
    };
    const outbox = mkdtempSync(join(tmpdir(), 'nadir-outbox-'));
    const ofDemo = { ...settings, NADIR_MODE: 'demo' };
    const [demo, house, own] = await Promise.all([
      startServer({ ...ofDemo, NADIR_DOCS: '1', NADIR_OUTBOX: outbox }),
      // What holds for every block of a coach is set where no other errand lays one out.
      startServer({ ...ofDemo, DATABASE_URL: await cluster.database('house') }),
      startServer({
        ...settings,
        DATABASE_URL: await cluster.database('own'),
        NADIR_MODE: 'own',
        NADIR_FIRST_COACH_CODE: TEST_CODE,
      }),
    ]);
    try {
      return await playwright(files, {
        NADIR_CHROMIUM: executable,
        NADIR_DEMO_ADDRESS: demo.address,
        NADIR_HOUSE_ADDRESS: house.address,
        NADIR_OWN_ADDRESS: own.address,
        NADIR_FIRST_COACH_CODE: TEST_CODE,
      });
    } finally {
      await Promise.all([demo.stop(), house.stop(), own.stop()]);
      rmSync(outbox, { recursive: true, force: true });
    }
  } finally {
    await cluster.stop();
    await cluster.remove();
  }
}

/**
 * @param {string} name
 * @param {string[]} projects
 * @param {string[]} files
 * @param {Record<string, string>} [settings]
 */
async function vitest(name, projects, files, settings = {}) {
  const report = join(kept, 'reports', `${name}.json`);
  await rm(report, { force: true });
  const chosen = projects.flatMap((project) => ['--project', project]);
  // A word may name files of another project; that it names none at all is told by the tally.
  const some = files.length > 0 ? ['--passWithNoTests'] : [];
  const reporters = ['--reporter=default', '--reporter=json', `--outputFile.json=${report}`];
  const { code } = await run('npx', ['vitest', 'run', ...files, ...some, ...chosen, ...reporters], {
    env: { ...process.env, ...settings },
    show: true,
  });
  return whole(name, code, ofVitest(await read(report)));
}

/** @param {string[]} files @param {Record<string, string>} settings */
async function playwright(files, settings) {
  const report = join(kept, 'reports', 'browser.json');
  await rm(report, { force: true });
  const env = { ...process.env, ...settings, PLAYWRIGHT_JSON_OUTPUT_NAME: report };
  const words = ['playwright', 'test', ...files, '--reporter=list,json'];
  const { code } = await run('npx', words, { env, cwd: join(root, 'e2e'), show: true });
  return whole('browser', code, ofPlaywright(await read(report)));
}

/** @param {string} report */
async function read(report) {
  const text = await readFile(report, 'utf8').catch(() => '{}');
  return JSON.parse(text);
}
