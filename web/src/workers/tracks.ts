import { type TracksAnswer, type TracksRequest, tracksAnswer } from '@nadir/contract';
import { wrap } from 'comlink';
import type { TracksWorker } from './tracks.worker.js';

/** Reads tracks in a thread of their own, which ends with its answer: a season of them stalls no frame. */
export async function readTracksApart(request: TracksRequest): Promise<TracksAnswer> {
  const worker = new Worker(new URL('./tracks.worker.ts', import.meta.url), { type: 'module' });
  try {
    const broken = new Promise<never>((_, reject) => {
      worker.addEventListener('error', () => reject(new Error('The files could not be read.')), {
        once: true,
      });
    });
    const answer = wrap<TracksWorker>(worker).read(request);
    return tracksAnswer.parse(await Promise.race([answer, broken]));
  } finally {
    worker.terminate();
  }
}
