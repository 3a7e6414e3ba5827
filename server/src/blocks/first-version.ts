import { randomUUID } from 'node:crypto';
import type { Version } from './blocks.repository.js';

/** A block as it is first kept: a new id, revision 1. */
export function firstVersion(
  of: Pick<Version, 'coachId' | 'athleteId' | 'wishes' | 'at' | 'today' | 'by' | 'saveId'>,
): Version {
  return {
    ...of,
    blockId: randomUUID(),
    revision: 1,
    before: undefined,
    words: 'Laid out the block.',
  };
}
