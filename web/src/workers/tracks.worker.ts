import { runsTableRequest, tracksRequest } from '@nadir/contract';
import { expose } from 'comlink';
import { readRunsTable } from './read-runs-table.js';
import { readTracks } from './read-tracks.js';

const tracksWorker = {
  /** Takes and gives what the contract says; both are parsed where they arrive. */
  read(request: unknown): unknown {
    return readTracks(tracksRequest.parse(request));
  },

  readTable(request: unknown): unknown {
    return readRunsTable(runsTableRequest.parse(request));
  },
};

export type TracksWorker = typeof tracksWorker;

expose(tracksWorker);
