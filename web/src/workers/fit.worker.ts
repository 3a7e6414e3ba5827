import { fitRequest } from '@nadir/contract';
import { expose } from 'comlink';
import load from 'highs';
import runtime from 'highs/runtime?url';
import { answerFit } from './answer-fit.js';
import { solveWith } from './highs.js';

const loading = load({ locateFile: () => runtime });

const fitWorker = {
  /** Takes and gives what the contract says; both are parsed where they arrive. */
  async fit(request: unknown): Promise<unknown> {
    const parsed = fitRequest.parse(request);
    return answerFit(parsed, solveWith(await loading));
  },
};

export type FitWorker = typeof fitWorker;

expose(fitWorker);
