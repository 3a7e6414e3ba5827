import type { CheckedBlock } from '@nadir/core';
import { differenceInDays, unitName } from '@nadir/core/base';
import { formatPercent, formatSteps } from '@nadir/core/base/format';
import { edgeRange, taperDepths } from '@nadir/core/edit';
import type { ShownBlock } from '@nadir/core/present/figures';
import type { Handle } from './drag.js';

/** What a handle says of itself to those who cannot see it. */
export interface HandleWords {
  label: string;
  value: number;
  least: number;
  most: number;
  text: string;
}

/** Amounts go to this many times the heaviest week. */
const ROOM = 2;

/** Part that race week takes off each of its runs: the coach's own, else the school's. */
export function taperDepthOf({ weeks, spec }: Pick<CheckedBlock, 'weeks' | 'spec'>): number {
  const raceWeek = weeks.at(-1);
  const days = raceWeek ? differenceInDays(spec.race.date, raceWeek.start) : 0;
  if (spec.taper.depth !== undefined || !raceWeek || days <= 0) return spec.taper.depth ?? 0;
  return 1 - (7 * raceWeek.taperShare) / days;
}

/** Number of the week that first reaches the heaviest. */
export function peakWeekOf({ weeks }: Pick<CheckedBlock, 'weeks'>): number {
  const volumes = weeks.map(({ volume }) => volume);
  return volumes.indexOf(Math.max(...volumes)) + 1;
}

export function handleWords(handle: Handle, block: CheckedBlock, shown: ShownBlock): HandleWords {
  const { measure } = shown;
  const unit = unitName(measure);
  const most = ROOM * Math.max(...shown.weeks.map(({ volume }) => volume)) * measure.step;
  switch (handle.kind) {
    case 'volume':
    case 'longRun': {
      const steps = shown.weeks[handle.week - 1]?.[handle.kind] ?? 0;
      const what = handle.kind === 'volume' ? 'volume' : 'long run';
      return {
        label: `Week ${handle.week}, ${what}`,
        value: steps * measure.step,
        least: 0,
        most,
        text: `${formatSteps(steps, measure)} ${unit}`,
      };
    }
    case 'phase': {
      const { least, most: last } = edgeRange(block, handle.index);
      const phase = block.phases[handle.index + 1];
      const week = phase?.firstWeek ?? 1;
      const text = `week ${week}`;
      return { label: `Start of ${phase?.name ?? ''}`, value: week, least, most: last, text };
    }
    case 'taper': {
      const depth = taperDepthOf(block);
      return {
        label: 'Taper, depth of race week',
        value: Math.round(depth * 100),
        least: taperDepths.least * 100,
        most: taperDepths.most * 100,
        text: `${formatPercent(depth)} off each run`,
      };
    }
    case 'peak': {
      const week = peakWeekOf(block);
      const last = block.weeks.filter(({ taperShare }) => taperShare === 1).length;
      return { label: 'Week of the peak', value: week, least: 1, most: last, text: `week ${week}` };
    }
  }
}
