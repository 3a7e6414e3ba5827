import { type CivilDate, differenceInDays } from '../../base/index.js';
import type { Progression } from '../../spec/choices/index.js';
import type { Context } from '../context/context.js';

/** Days before the race in which a single repetition sharpens (policy). */
const SHARPENING = 14;

/** True where a single repetition is left of a session rather than none: what the coach has take turns, and what sharpens. */
export function mayBeSingle(
  { spec }: Context,
  { id }: Pick<Progression, 'id'>,
  date: CivilDate,
): boolean {
  const isAsked = spec.rotations?.some(({ turn }) => turn.includes(id)) === true;
  return isAsked || differenceInDays(spec.race.date, date) <= SHARPENING;
}
