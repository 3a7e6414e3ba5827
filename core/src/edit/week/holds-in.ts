import type { PhaseKind } from '../../spec/choices/index.js';

/** Where something holds that is otherwise the same week after week. */
interface Held {
  phases?: PhaseKind[] | undefined;
  weeks?: number[] | undefined;
}

/** Whether two hold in the same phases and weeks. */
export function isHeldAlike(one: Held, other: Held): boolean {
  return isSame(one.phases, other.phases) && isSame(one.weeks, other.weeks);
}

function isSame(one: readonly unknown[] = [], other: readonly unknown[] = []): boolean {
  return one.map(String).sort().join() === other.map(String).sort().join();
}

/** ` of foundation, speed`, ` of weeks 3, 5`; nothing for the whole block. */
export function heldWords({ phases, weeks }: Held): string {
  if (weeks) return ` of ${weeks.length === 1 ? 'week' : 'weeks'} ${weeks.join(', ')}`;
  return phases ? ` of ${phases.map((phase) => phase.replaceAll('-', ' ')).join(', ')}` : '';
}
