import { type FitAnswer, type FitRequest, fitAnswer } from '@nadir/contract';
import { type Remote, wrap } from 'comlink';
import type { FitWorker } from './fit.worker.js';

/** The solver in a thread of its own. It is started when it is first asked. */
export interface FitClient {
  ask: (request: FitRequest) => Promise<FitAnswer>;
  /** Stops what it is doing; the next question starts it afresh. */
  stop: () => void;
}

/** Undefined in a browser without workers. */
export function createFitClient(): FitClient | undefined {
  if (typeof Worker === 'undefined') return undefined;
  let worker: Worker | undefined;
  let remote: Remote<FitWorker> | undefined;
  return {
    async ask(request) {
      worker ??= new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });
      remote ??= wrap<FitWorker>(worker);
      const broken = new Promise<never>((_, reject) => {
        worker?.addEventListener(
          'error',
          () => reject(new Error('The solver could not be started.')),
          {
            once: true,
          },
        );
      });
      return fitAnswer.parse(await Promise.race([remote.fit(request), broken]));
    },
    stop() {
      worker?.terminate();
      worker = undefined;
      remote = undefined;
    },
  };
}
