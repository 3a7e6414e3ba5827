/* global document, window, PointerEvent, requestAnimationFrame -- the page’s own */
import { chromium } from '@playwright/test';
import { site } from '../command/build.mjs';
import { startServer } from '../command/server.mjs';
import { longBlock } from './example.mjs';
import { percentile } from './median.mjs';
import { chromium as chromiumOfDebian } from '../command/debian.mjs';

/** Everything that is taken by hand, and which way. */
const HANDLES = /** @type {const} */ ({
  'volume 15': { what: 'a week', way: 'up' },
  'longRun 15': { what: 'a long run', way: 'up' },
  taper: { what: 'the taper', way: 'up' },
  'phase 1': { what: 'a phase edge', way: 'across' },
  peak: { what: 'the peak', way: 'across' },
});
/** One after the other: the first has not been made quick yet, later ones meet collections. */
const DRAGS = 4;
const MOVES = 120;
const BREATH_MS = 1500;
/** Milliseconds at 60 a second, and what a clock may be off. */
const A_FRAME = 1000 / 60 + 1;

/**
 * Frames while what can be taken by hand is dragged in Chromium, each several
 * times, on a block of 24 weeks, against the same page at rest. One pointer
 * move a frame.
 *
 * @param {string} databaseUrl an empty database
 */
export async function benchDrag(databaseUrl) {
  const server = await startServer({
    DATABASE_URL: databaseUrl,
    NADIR_WEB: await site(),
    NADIR_TODAY: '2027-02-10',
    NADIR_LOG: 'error',
    NADIR_MODE: 'demo',
  });
  const browser = await chromium.launch({
    executablePath: await chromiumOfDebian(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(server.address);
    await page.getByRole('grid').waitFor();
    await page.goto(`${server.address}/blocks`);
    await page.locator('input[type=file]').setInputFiles({
      name: 'block.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ format: 'nadir-block', version: 2, ...longBlock })),
    });
    await page.locator('[data-handle="volume 15"]').waitFor();
    const cdp = await page.context().newCDPSession(page);
    await cdp.send('Performance.enable');
    const still = percentile(await frames(page, 'volume 15', 0), 0.95);
    const lines = [];
    for (const [key, { what, way }] of Object.entries(HANDLES)) {
      const before = await work(cdp);
      /** @type {number[]} */
      const drag = [];
      for (let turn = 0; turn < DRAGS; turn++) {
        drag.push(...(await frames(page, key, MOVES, way)));
        // The server, here on the same machine, stores what was let go.
        await page.waitForTimeout(BREATH_MS);
      }
      const after = await work(cdp);
      const each = (/** @type {string} */ name) =>
        ((1000 * ((after[name] ?? 0) - (before[name] ?? 0))) / (DRAGS * MOVES)).toFixed(1);
      const late = drag.filter((time) => time > A_FRAME).length / drag.length;
      const moving = percentile(drag, 0.95);
      lines.push(
        `drag of ${what}, 24 weeks: frame median ${percentile(drag, 0.5).toFixed(1)} ms, p95 ${moving.toFixed(1)} ms, ${(moving / still).toFixed(2)} × at rest; ${(100 * late).toFixed(1)} % take more than one; ${each('TaskDuration')} ms of the page’s thread a move, of it script ${each('ScriptDuration')} ms (means)`,
      );
    }
    return lines;
  } finally {
    await browser.close();
    await server.stop();
  }
}

/**
 * Seconds that the page’s thread has worked, by kind.
 *
 * @param {import('@playwright/test').CDPSession} cdp
 * @returns {Promise<Record<string, number>>}
 */
async function work(cdp) {
  const { metrics } = await cdp.send('Performance.getMetrics');
  return Object.fromEntries(metrics.map(({ name, value }) => [name, value]));
}

/**
 * Times between frames while a handle is moved to and fro once a frame.
 *
 * @param {import('@playwright/test').Page} page
 * @param {string} key the handle
 * @param {number} moves none: the page at rest
 * @param {'up' | 'across'} [way]
 * @returns {Promise<number[]>}
 */
async function frames(page, key, moves, way = 'up') {
  return page.evaluate(
    ({ key: taken, moves: wanted, count, up }) =>
      new Promise((resolve) => {
        const handle = document.querySelector(`[data-handle="${taken}"]`);
        if (!handle) throw new Error('no handle');
        const box = handle.getBoundingClientRect();
        const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
        const fire = (/** @type {string} */ type, /** @type {number} */ by) =>
          (type === 'pointerdown' ? handle : window).dispatchEvent(
            new PointerEvent(type, {
              bubbles: true,
              clientX: up ? x : x - by,
              clientY: up ? y - by : y,
              button: 0,
            }),
          );
        /** @type {number[]} */
        const times = [];
        let last = performance.now();
        if (wanted > 0) fire('pointerdown', 0);
        const frame = (/** @type {number} */ now) => {
          times.push(now - last);
          last = now;
          const done = times.length;
          if (done > count) {
            if (wanted > 0) fire('pointerup', 0);
            resolve(times.slice(5));
            return;
          }
          if (wanted > 0) fire('pointermove', (done % 40) * 2);
          requestAnimationFrame(frame);
        };
        requestAnimationFrame(frame);
      }),
    { key, moves, count: MOVES, up: way === 'up' },
  );
}
