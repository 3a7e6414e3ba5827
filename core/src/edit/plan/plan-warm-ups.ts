import type { Measure } from '../../base/index.js';
import { layWeeks } from '../../layout/index.js';
import type { BlockSpec } from '../../spec/index.js';
import { aroundSessions } from '../around-sessions.js';

/**
 * A plan whose weekly figures are more than its days has the rest around the sessions
 * that stand alone, as warming up and cooling down.
 */
export function withWarmUps(
  spec: BlockSpec,
  measure: Measure,
): { spec: BlockSpec; warmedUp: number } {
  const { block } = layWeeks(spec);
  const fixed = new Set((spec.pins ?? []).map(({ week }) => week));
  const summed = block.weeks.filter(({ number }) => fixed.has(number));
  // A week changes days of its own alone.
  const days = summed.reduce((kept, week) => {
    const around = aroundSessions({ ...block, spec: { ...block.spec, days: kept } }, week, {
      measure,
    });
    return around?.days ?? kept;
  }, block.spec.days);
  const before = new Map(block.spec.days.map(({ date, session }) => [date, session]));
  const changed = days.filter(({ date, session }) => before.get(date) !== session);
  return { spec: { ...spec, days }, warmedUp: changed.length };
}
