import { relative } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { root } from './paths.mjs';

/**
 * What failed, and what it said: the seed of a property that draws a new one each time
 * stands nowhere else.
 *
 * @typedef {{ name: string, said?: string }} Failure
 * @typedef {{ passed: number, failures: Failure[] }} Tally
 */

/** How many lines of what a failure said stand under its name. */
const SAID_LINES = 15;

/** @type {Tally} */
export const NOTHING = { passed: 0, failures: [] };

/** @param {Tally} one @param {Tally} other @returns {Tally} */
export function both(one, other) {
  return {
    passed: one.passed + other.passed,
    failures: [...one.failures, ...other.failures],
  };
}

/**
 * A run that ended badly without naming a failed test has still failed.
 *
 * @param {string} name of what was run
 * @param {number} code it ended with
 * @param {Tally} tally
 * @returns {Tally}
 */
export function whole(name, code, tally) {
  const isUnnamed = code !== 0 && tally.failures.length === 0;
  const unnamed = { name: `${name}: ended with ${code}, no test named` };
  return isUnnamed ? { ...tally, failures: [unnamed] } : tally;
}

/**
 * A file that could not be run stands for its tests.
 *
 * @typedef {{ fullName: string, status: string, failureMessages: string[] }} VitestTest
 * @typedef {{ name: string, status: string, message: string, assertionResults: VitestTest[] }} VitestFile
 * @param {{ numPassedTests?: number, testResults?: VitestFile[] }} report of Vitest
 * @returns {Tally}
 */
export function ofVitest({ numPassedTests = 0, testResults = [] }) {
  const failures = testResults.flatMap(({ name, status, message, assertionResults }) => {
    const file = relative(root, name);
    const failed = assertionResults.filter((test) => test.status === 'failed');
    if (failed.length === 0) return status === 'failed' ? [{ name: file, said: message }] : [];
    return failed.map(({ fullName, failureMessages }) => ({
      name: `${file} › ${fullName}`,
      said: failureMessages.join('\n'),
    }));
  });
  return { passed: numPassedTests, failures };
}

/**
 * What passed at a second try counts as passed.
 *
 * @param {{ stats?: { expected?: number, flaky?: number }, suites?: Suite[] }} report of Playwright
 * @returns {Tally}
 */
export function ofPlaywright({ stats = {}, suites = [] }) {
  const passed = (stats.expected ?? 0) + (stats.flaky ?? 0);
  return { passed, failures: suites.flatMap(failedErrands) };
}

/**
 * @typedef {{ results: { error?: { message?: string } }[] }} Tries of one errand
 * @typedef {{ ok: boolean, title: string, file: string, tests: Tries[] }} Errand
 * @typedef {{ specs?: Errand[], suites?: Suite[] }} Suite
 * @param {Suite} suite
 * @returns {Failure[]}
 */
function failedErrands({ specs = [], suites = [] }) {
  const here = specs
    .filter(({ ok }) => !ok)
    .map(({ file, title, tests }) => ({
      name: `${file} › ${title}`,
      said: tests
        .flatMap(({ results }) => results.map(({ error }) => error?.message ?? ''))
        .join('\n'),
    }));
  return [...here, ...suites.flatMap(failedErrands)];
}

/**
 * A failure as it stands at the end of a run: its name, then the first of what it said.
 *
 * @param {Failure} failure
 */
export function failureLines({ name, said = '' }) {
  const lines = stripVTControlCharacters(said)
    .split('\n')
    .filter((line) => line.trim() !== '');
  return [`failed: ${name}`, ...lines.slice(0, SAID_LINES).map((line) => `    ${line}`)].join('\n');
}
