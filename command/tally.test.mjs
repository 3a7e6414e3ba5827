import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { root } from './paths.mjs';
import { both, failureLines, NOTHING, ofPlaywright, ofVitest, whole } from './tally.mjs';

describe('the tally of a run', () => {
  it('counts what passed and names what failed, with what it said', () => {
    const report = {
      numPassedTests: 2,
      testResults: [
        {
          name: join(root, 'core/src/sums.test.ts'),
          status: 'failed',
          message: '',
          assertionResults: [
            { fullName: 'adds up', status: 'passed', failureMessages: [] },
            { fullName: 'holds', status: 'failed', failureMessages: ['{ seed: 7, path: "3:1" }'] },
          ],
        },
      ],
    };
    expect(ofVitest(report)).toEqual({
      passed: 2,
      failures: [{ name: 'core/src/sums.test.ts › holds', said: '{ seed: 7, path: "3:1" }' }],
    });
  });

  it('lets a file that could not be run stand for its tests', () => {
    const file = { status: 'failed', message: 'No such module', assertionResults: [] };
    const { failures } = ofVitest({ testResults: [{ name: join(root, 'a.test.ts'), ...file }] });
    expect(failures).toEqual([{ name: 'a.test.ts', said: 'No such module' }]);
  });

  it('finds a failed errand in the suites of suites, and counts a second try as passed', () => {
    const errand = {
      ok: false,
      title: 'opens a block',
      file: 'block.spec.ts',
      tests: [{ results: [{ error: { message: 'Timed out' } }] }],
    };
    const report = {
      stats: { expected: 3, flaky: 1 },
      suites: [{ specs: [{ ...errand, ok: true }], suites: [{ specs: [errand] }] }],
    };
    expect(ofPlaywright(report)).toEqual({
      passed: 4,
      failures: [{ name: 'block.spec.ts › opens a block', said: 'Timed out' }],
    });
  });

  it('has failed where a run ended badly and named no test, or wrote no report', () => {
    expect(whole('unit', 137, ofVitest({})).failures).toEqual([
      { name: 'unit: ended with 137, no test named' },
    ]);
    expect(whole('unit', 0, ofVitest({}))).toEqual(NOTHING);
    const failed = { passed: 1, failures: [{ name: 'lint' }] };
    expect(whole('checks', 1, failed)).toEqual(failed);
    expect(both(failed, { passed: 4, failures: [] })).toEqual({ ...failed, passed: 5 });
  });

  it('says the first of what a failure said, without its colours', () => {
    const said = `\u001B[31mseed\u001B[39m\n\n${'line\n'.repeat(40)}`;
    const lines = failureLines({ name: 'a › b', said }).split('\n');
    expect(lines.slice(0, 3)).toEqual(['failed: a › b', '    seed', '    line']);
    expect(lines).toHaveLength(16);
    expect(failureLines({ name: 'lint' })).toBe('failed: lint');
  });
});
