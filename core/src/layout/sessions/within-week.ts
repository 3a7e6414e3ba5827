import type { CivilDate } from '../../base/index.js';
import type { Context } from '../context/context.js';
import { fitted } from './fitted.js';
import { isAsWritten, type Laid, type Line, type Place } from './key-session.js';
import { mayBeSingle } from './may-be-single.js';
import { mostAtItsPace } from './most-at-its-pace.js';

/** Whole repetitions come to a little more than a week has left for them. */
const OVER_LEFT = 1.1;

/**
 * The same session with less of it, where its week bears no more: about as much
 * as its pace bears, at most what long run and races leave of the week’s hard running;
 * undefined where they leave less than the least of it.
 */
export function withinWeek(
  context: Context,
  line: Line,
  place: Place & { date: CivilDate; count: number },
): Laid | undefined {
  const { week, paces, count, date } = place;
  const hard = line.laid.hardDistance;
  if (hard === 0 || isAsWritten(line.family)) return line;
  const { mostOfWeek } = context.rules.sessions;
  const left = Math.max(0, mostOfWeek * week.distance - week.hardElsewhere) / count;
  const most = Math.min(mostAtItsPace(context, line, place), left);
  if (hard <= most) return line;
  const isSingle = mayBeSingle(context, line.family, date);
  const asked = { ratio: most / hard, most: left, least: isSingle ? 1 : 2 };
  const less = fitted(line.parts, asked, paces);
  return isSingle || less.laid.hardDistance <= OVER_LEFT * left ? less : undefined;
}
