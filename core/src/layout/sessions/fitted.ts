import { type Part, scaled, type SessionPaces } from '../../sessions/index.js';
import { type Laid, lay } from './key-session.js';

/** Parts of what is asked for that are tried: whole repetitions may come to more. */
const TRIED = [1, 0.9, 0.8, 0.7];

/** Parts with about `ratio` times as much of it, the first tried that holds no more than `most` hard metres. */
export function fitted(
  parts: readonly Part[],
  { ratio, most, least }: { ratio: number; most: number; least?: number },
  paces: SessionPaces,
): Laid {
  let found = lay(parts, paces);
  for (const part of TRIED) {
    found = lay(scaled(parts, part * ratio, least), paces);
    if (found.laid.hardDistance <= most) break;
  }
  return found;
}
