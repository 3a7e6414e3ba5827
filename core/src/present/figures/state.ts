import { openAims } from '../../edit/answers/index.js';
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

/** The aims that a plan names. */
export function askedIn({ volume, longRun }: Pick<BlockSpec, 'volume' | 'longRun'>): AskedFigures {
  return {
    start: volume?.start !== undefined,
    peak: volume?.peak !== undefined,
    longRunStart: longRun?.start !== undefined,
    longRunPeak: longRun?.peak !== undefined,
  };
}

/**
 * The aims that are the coach's own. An edit writes every answer down: one that would be
 * worked out the same, with the weeks that were fixed by hand or without them, is nobody's.
 *
 * Lays the block out a few times over: for after an edit, not for while a hand moves.
 */
export function ownAims(given: BlockSpec): AskedFigures {
  const aims = (spec: BlockSpec) => askedIn(openAims(spec));
  const own = aims(given);
  if (!given.pins?.length || !Object.values(own).includes(true)) return own;
  const before = aims({ ...given, pins: [] });
  return {
    start: own.start && before.start,
    peak: own.peak && before.peak,
    longRunStart: own.longRunStart && before.longRunStart,
    longRunPeak: own.longRunPeak && before.longRunPeak,
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
