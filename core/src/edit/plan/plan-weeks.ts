import { layWeeks } from '../../layout/index.js';
import type { BlockSpec } from '../../spec/index.js';

/**
 * A plan rests where its own weeks are light, and its peak is its heaviest week; of an
 * athlete of whom nothing else is known it starts from its first.
 */
export function withItsWeeks(spec: BlockSpec, { athlete, volume }: BlockSpec): BlockSpec {
  const { weeks, spec: laid } = layWeeks(spec).block;
  const isKnown = volume?.start !== undefined || (athlete?.recentWeeks ?? []).length > 0;
  const measured = (asked: { start: number }, amounts: number[]) => {
    const start = (isKnown ? undefined : amounts[0]) || asked.start;
    return { ...asked, start, peak: Math.max(start, ...amounts) };
  };
  // In the week before a taper none is built in.
  const building = weeks
    .filter(({ kind }) => kind === 'building' || kind === 'recovery')
    .slice(0, -1);
  const light = building.filter(({ recovery }) => recovery).map(({ number }) => number);
  return {
    ...spec,
    volume: {
      ...measured(
        laid.volume,
        weeks.map((week) => week.volume),
      ),
      recovery: { ...laid.volume.recovery, weeks: light },
    },
    longRun: measured(
      laid.longRun,
      weeks.map((week) => week.longRun),
    ),
  };
}
