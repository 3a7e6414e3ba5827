import type { ResolvedSpec } from './block-spec.js';
import type { Progression } from './choices/index.js';

/** Every family that a block may lay out. */
export function familiesOf({
  sessions,
  families = [],
}: Pick<ResolvedSpec, 'sessions' | 'families'>): Progression[] {
  return [...sessions.map(({ family }) => family), ...families];
}
