import type { PinField } from '../../edit/index.js';
import type { Week } from '../../layout/index.js';
import type { ResolvedSpec } from '../../spec/index.js';

/** Whether a figure is worked out, what an answer of the plan aims at, or kept as the coach fixed it. */
export type FigureState = 'worked-out' | 'asked' | 'fixed';

/** Whether the edges of the phases are the coach's own, and the recovery weeks named one by one. */
export function frameStates({ phases, volume }: Pick<ResolvedSpec, 'phases' | 'volume'>): {
  phases: FigureState;
  recovery: FigureState;
} {
  return {
    phases: phases.layout === 'own' ? 'fixed' : 'worked-out',
    recovery: volume.recovery.weeks === undefined ? 'worked-out' : 'fixed',
  };
}

/** The state of a week's volume or long run, the rows that can be fixed. */
export function stateOf(
  { volumeRule, longRunRule }: Week,
  field: PinField | undefined,
): FigureState {
  if (field === undefined) return 'worked-out';
  const rule = field === 'volume' ? volumeRule : longRunRule;
  if (rule === 'pin') return 'fixed';
  return rule === 'start' || rule === 'peak' ? 'asked' : 'worked-out';
}
