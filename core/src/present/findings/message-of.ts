import type { CheckContext, Finding, Observation } from '../../checks/index.js';
import type { ShownBlock } from '../figures/show.js';

/** What a sentence may name: figures of the block are said as every view shows them. */
export interface MessageContext extends CheckContext {
  figures: ShownBlock;
}

/** All that was found of one kind, and its parts where they are more than one. */
export type Found = Observation & Pick<Finding, 'each'>;

/** What was measured, in words. */
export type Message = (found: Found, context: MessageContext) => string;
