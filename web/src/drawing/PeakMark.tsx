import type { CheckedBlock } from '@nadir/core';
import type { ShownBlock } from '@nadir/core/present/figures';
import { DISPLAY_FACE } from '../theme/theme.js';
import { token } from '../theme/tokens.js';
import { Halo } from './Halo.js';
import { peakWeekOf } from './handle-labels.js';
import type { WeekDrawn } from './skyline.js';
import * as wording from './wording.js';

/** Pixels from the top of the peak to its name, clear of its figure. */
export const PEAK_OVER = 27;

/** The weeks at the peak, named over a bracket from the first to the last of them. */
export function PeakMark({
  block,
  shown,
  skyline,
}: {
  block: CheckedBlock;
  shown: ShownBlock;
  skyline: readonly WeekDrawn[];
}) {
  const first = peakWeekOf(block);
  const most = shown.weeks[first - 1]?.volume;
  const after = shown.weeks.slice(first).findIndex(({ volume }) => volume !== most);
  const held = after < 0 ? shown.weeks.length - first : after;
  const [from, to] = [skyline[first - 1], skyline[first - 1 + held]];
  if (!from || !to) return null;
  const [left, right] = [from.x + 6, to.x + to.width - 6];
  const y = from.top - PEAK_OVER;
  const middle = (left + right) / 2;
  return (
    <g aria-hidden="true">
      {held > 0 && <path d={`M${left},${y + 5}v-5H${right}v5`} fill="none" stroke={token('ink')} />}
      <Halo
        x={middle}
        y={y + 4}
        textAnchor="middle"
        fontFamily={DISPLAY_FACE}
        fontStyle="italic"
        fontSize={14}
        strokeWidth={6}
      >
        {wording.peak}
      </Halo>
    </g>
  );
}
