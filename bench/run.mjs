import { compiled, site } from '../command/build.mjs';
import { startCluster } from '../command/cluster.mjs';

/** Prints every figure of one run: `npm run bench`. */
await compiled();
await site();
const { benchLayOut } = await import('./lay-out.mjs');
const { benchLeftBehind } = await import('./left-behind.mjs');
const { benchShorthand } = await import('./shorthand.mjs');
const { benchSolver } = await import('./solver.mjs');
const { benchDrag } = await import('./drag.mjs');
const { benchFirstPage } = await import('./first-page.mjs');
const { benchDiary, benchSquadReview } = await import('./review.mjs');
const { benchSaveAndRead } = await import('./save-and-read.mjs');
const cluster = await startCluster('bench', { lasting: false });
try {
  const lines = [
    ...benchLayOut(),
    ...benchLeftBehind(),
    ...benchShorthand(),
    ...(await benchSolver()),
    ...benchDiary(),
    ...(await benchSaveAndRead(cluster.url)),
    ...(await benchSquadReview(cluster.url)),
    ...(await benchDrag(await cluster.database('drag'))),
    ...(await benchFirstPage()),
  ];
  process.stdout.write(`\n${lines.join('\n')}\n`);
} finally {
  await cluster.stop();
  await cluster.remove();
}
