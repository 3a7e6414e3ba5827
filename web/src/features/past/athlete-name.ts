import type { AthleteAnswer, BlockAnswer } from '@nadir/contract';
import * as wording from './wording.js';

/** A block's athlete as the squad has it; of one who has just left, as the block does. */
export function athleteName(
  { athleteId, wishes }: BlockAnswer,
  athletes: readonly AthleteAnswer[],
): string {
  const facts = athletes.find(({ id }) => id === athleteId)?.facts ?? wishes.athlete;
  return facts?.name || wording.unnamedAthlete;
}
