import type { CheckedBlock } from '@nadir/core';
import { quantum } from '@nadir/core/base';
import { type Command, movePeak, movePhaseEdge, pinWeek, setTaperDepth } from '@nadir/core/edit';
import { cutBeforeRace } from '@nadir/core/layout';
import type { ShownBlock } from '@nadir/core/present/figures';
import { handleWords, peakWeekOf, taperDepthOf } from '../../drawing/handle-labels.js';
import type { Handle } from '../../drawing/drag.js';

/** How far a handle is moved: whole shown steps up, whole weeks to the right. */
export interface Moved {
  steps: number;
  weeks: number;
}

/** The command that a handle moved so far stands for; undefined when it has not left its place. */
export function dragCommand(
  handle: Handle,
  { steps, weeks }: Moved,
  block: CheckedBlock,
  shown: ShownBlock,
): Command | undefined {
  const { measure } = shown;
  const { value, least, most } = handleWords(handle, block, shown);
  const within = (wanted: number) => Math.min(most, Math.max(least, wanted));
  switch (handle.kind) {
    case 'volume':
    case 'longRun': {
      const { week, kind } = handle;
      const volume = shown.weeks[week - 1]?.volume ?? 0;
      const was = shown.weeks[week - 1]?.[kind] ?? 0;
      const highest = kind === 'longRun' ? volume : most / measure.step;
      const now = Math.min(highest, Math.max(0, was + steps));
      if (now === was) return undefined;
      return pinWeek(block, { week, field: kind }, now * quantum(measure), measure);
    }
    case 'phase': {
      const week = within(value + weeks);
      return week === value ? undefined : movePhaseEdge(block, handle.index, week);
    }
    case 'taper': {
      if (steps === 0) return undefined;
      // Held against what the same days of the heaviest week come to.
      const before = cutBeforeRace(block)?.before;
      if (before === undefined) return undefined;
      return setTaperDepth(block, taperDepthOf(block) - (steps * quantum(measure)) / before);
    }
    case 'peak': {
      const week = within(peakWeekOf(block) + weeks);
      return week === value ? undefined : movePeak(block, week);
    }
  }
}
