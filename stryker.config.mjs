/** Mutation testing of the core, a folder at a time: `npm run mutate -- layout/volume`. */
export default {
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner'],
  vitest: { configFile: 'core/vitest.config.ts', dir: 'core' },
  coverageAnalysis: 'perTest',
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  jsonReporter: { fileName: '.nadir/mutation/report.json' },
  tempDirName: '.nadir/mutation/work',
  ignorePatterns: ['.nadir', 'web', 'server', 'e2e', 'docs', '**/dist', '**/dist-types'],
  // Sentences are the matter of their own tests; a mutant of a text tells nothing of a rule.
  mutator: { excludedMutations: ['StringLiteral'] },
  concurrency: 2,
  timeoutMS: 20_000,
  // The first run is of every test, with all that is changed counted.
  dryRunTimeoutMinutes: 20,
};
