import {
  type RunsTableAnswer,
  runsTableAnswer,
  type RunsTableRequest,
  type TracksAnswer,
  tracksAnswer,
  type TracksRequest,
} from '@nadir/contract';
import { type Remote, wrap } from 'comlink';
import type { TracksWorker } from './tracks.worker.js';

/** Reads tracks apart from the page: a season of them stalls no frame. */
export async function readTracksApart(request: TracksRequest): Promise<TracksAnswer> {
  return tracksAnswer.parse(await apart((worker) => worker.read(request)));
}

/** Reads a table of runs apart from the page. */
export async function readRunsTableApart(request: RunsTableRequest): Promise<RunsTableAnswer> {
  return runsTableAnswer.parse(await apart((worker) => worker.readTable(request)));
}

/** Asks a thread of its own, which ends with its answer. */
async function apart(ask: (worker: Remote<TracksWorker>) => Promise<unknown>): Promise<unknown> {
  const worker = new Worker(new URL('./tracks.worker.ts', import.meta.url), { type: 'module' });
  try {
    const broken = new Promise<never>((_, reject) => {
      worker.addEventListener('error', () => reject(new Error('The runs could not be read.')), {
        once: true,
      });
    });
    return await Promise.race([ask(wrap<TracksWorker>(worker)), broken]);
  } finally {
    worker.terminate();
  }
}
