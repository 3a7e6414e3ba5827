import { randomUUID } from 'node:crypto';
import type { Version } from './blocks.repository.js';

/** A block as it is first kept: a new id, revision 1, nothing before it. */
export function firstVersion(
  of: Pick<Version, 'coachId' | 'athleteId' | 'wishes' | 'at' | 'by'>,
): Version {
  return { ...of, blockId: randomUUID(), revision: 1, before: null, words: 'Laid out the block.' };
}
