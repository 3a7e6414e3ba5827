import { setTimeout as pause } from 'node:timers/promises';
import { plainly, say } from './run.mjs';

/** Seconds before it is started again, ever longer; the last goes on. */
const PAUSES = [1, 2, 4, 8, 15, 30];
/** What lived this long has recovered: the pauses begin anew. Milliseconds. */
const RECOVERED_MS = 60_000;
/** A stop by the terminal reaches everyone at once: who ended first is no matter. */
const TOGETHER_MS = 200;

/**
 * Starts something again, with growing pauses and a word on the terminal, each
 * time it ends, until `stopped` says that it should.
 *
 * @param {object} what
 * @param {string} what.name
 * @param {() => Promise<unknown>} what.ended resolves when what runs now has ended
 * @param {() => Promise<unknown>} what.startAgain
 * @param {() => boolean} stopped
 */
export async function supervise({ name, ended, startAgain }, stopped) {
  let tries = 0;
  for (;;) {
    const began = Date.now();
    await ended();
    await pause(TOGETHER_MS);
    if (Date.now() - began > RECOVERED_MS) tries = 0;
    while (!stopped()) {
      const seconds = PAUSES[Math.min(tries, PAUSES.length - 1)] ?? 1;
      tries += 1;
      say(`${name} ended. It is started again in ${seconds} s …`);
      await pause(1000 * seconds);
      if (stopped()) return;
      try {
        await startAgain();
        say(`${name} runs again.`);
        break;
      } catch (error) {
        say(plainly(error));
      }
    }
    if (stopped()) return;
  }
}

/** How often something that cannot tell is looked at. Milliseconds. */
const LOOK_MS = 500;

/** Resolves when something that was alive no longer is. @param {() => boolean} isAlive @param {() => boolean} stopped */
export async function untilDead(isAlive, stopped) {
  while (isAlive() && !stopped()) await pause(LOOK_MS);
}
