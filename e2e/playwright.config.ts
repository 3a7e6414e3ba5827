import { defineConfig } from '@playwright/test';

const EVERY_BLOCK = 'every-block.spec.ts';

/** Pages that are loaded anew: what optimises code for a long day takes more than it gives. */
const NOT_OPTIMISED = '--js-flags=--no-maglev --no-turbofan';

/** Debian's own, kept from calling out. @param length of what an errand does in it */
function browserFor(length: 'a page' | 'a day') {
  return {
    executablePath: process.env.NADIR_CHROMIUM ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      ...(length === 'a page' ? [NOT_OPTIMISED] : []),
    ],
  };
}

/** Every errand, in Debian's Chromium: never a download of our own. */
export default defineConfig({
  testDir: 'src',
  // Generous: a busy machine is slow, and nothing here asserts a time.
  timeout: 90_000,
  expect: { timeout: 20_000 },
  workers: 2,
  fullyParallel: false,
  retries: 0,
  // One coach for all: what changes every block of theirs is done in a demo of its own.
  projects: [
    {
      name: 'every block',
      testMatch: EVERY_BLOCK,
      metadata: { demo: process.env.NADIR_HOUSE_ADDRESS },
      use: { launchOptions: browserFor('a day') },
    },
    {
      name: 'errands',
      testIgnore: EVERY_BLOCK,
      metadata: { demo: process.env.NADIR_DEMO_ADDRESS },
    },
  ],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    contextOptions: { reducedMotion: 'reduce' },
    // Shorter than a test: what cannot be found is said, not waited for.
    actionTimeout: 30_000,
    // A trace of every step costs more than the step; asked for when one is needed.
    trace: process.env.NADIR_TRACE ? 'retain-on-failure' : 'off',
    launchOptions: browserFor('a page'),
  },
});
