import type { CheckContext, Observation } from '../../checks/index.js';
import type { ShownBlock } from '../figures/show.js';

/** What a sentence may name: figures of the block are said as every view shows them. */
export interface MessageContext extends CheckContext {
  figures: ShownBlock;
}

/** What was measured, in words. */
export type Message = (
  observation: Observation,
  context: MessageContext,
) => { title: string; message: string };
