import { newestEngine } from '../rules/index.js';
import type { Command } from './command.js';

/** Lays a block out under the newest defaults; what the coach set stays as set. */
export function takeDefaults(): Command {
  return {
    change: { engine: newestEngine },
    message: `Took the newer defaults (number ${newestEngine}).`,
  };
}
