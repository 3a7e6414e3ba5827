import { newestEngine } from '../rules/index.js';
import type { Command } from './command.js';

/** Lays a block out under the newest defaults; what the coach set stays as set. */
export function takeDefaults(engine = newestEngine): Command {
  return { change: { engine }, words: `Took the defaults of number ${engine}.` };
}
