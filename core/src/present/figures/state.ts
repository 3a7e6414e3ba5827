import type { PinField } from '../../edit/index.js';
import type { Week } from '../../layout/block/index.js';
import type { BlockSpec, ResolvedSpec } from '../../spec/index.js';

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

/** Which aims of a plan are the coach's own; the others are worked out. */
export interface AskedFigures {
  start: boolean;
  peak: boolean;
  longRunStart: boolean;
  longRunPeak: boolean;
}

/** The aims that a plan names, as it is kept and not as it is resolved. */
export function askedIn({ volume, longRun }: Pick<BlockSpec, 'volume' | 'longRun'>): AskedFigures {
  return {
    start: volume?.start !== undefined,
    peak: volume?.peak !== undefined,
    longRunStart: longRun?.start !== undefined,
    longRunPeak: longRun?.peak !== undefined,
  };
}

/** The state of a week's volume or long run, the rows that can be fixed. */
export function stateOf(
  { volumeRule, longRunRule }: Pick<Week, 'volumeRule' | 'longRunRule'>,
  field: PinField | undefined,
  asked: AskedFigures,
): FigureState {
  if (field === undefined) return 'worked-out';
  const isVolume = field === 'volume';
  const rule = isVolume ? volumeRule : longRunRule;
  if (rule === 'pin') return 'fixed';
  const isAsked =
    (rule === 'start' && (isVolume ? asked.start : asked.longRunStart)) ||
    (rule === 'peak' && (isVolume ? asked.peak : asked.longRunPeak));
  return isAsked ? 'asked' : 'worked-out';
}
