import type { CheckedBlock } from '@nadir/core';
import { formatDuration } from '@nadir/core/base/format';
import { cutTo } from '@nadir/core/present/figures';
import { memo } from 'react';
import { formatDay } from '../components/dates.js';
import { token } from '../theme/tokens.js';
import { type Columns, columnX } from './columns.js';
import { dayIndex, dayX } from './days.js';
import { Halo } from './Halo.js';
import * as wording from './wording.js';

/** About this many pixels a letter of the race's name, and of the width it may take from what stands before it. */
const LETTER = 6.9;
const MOST = 0.4;
const FLAG = 26;

/** Race day: a flag with its name, its date and the goal, and a pole down to the legs. */
export const RaceFlag = memo(function RaceFlag({
  block: { weeks, spec },
  columns,
  lanes,
  bottom,
}: {
  block: CheckedBlock;
  columns: Columns;
  lanes: readonly number[];
  bottom: number;
}) {
  const { name, date, goalTime } = spec.race;
  const x = raceX(weeks, columns, date);
  const right = columnX(columns, columns.weeks);
  const [upper = 0, lower = 0] = lanes;
  const when = [formatDay(date).slice(0, -5), ...(goalTime ? [formatDuration(goalTime)] : [])];
  const flag = upper - 11;
  return (
    <g role="img" aria-label={wording.raceDay(name, formatDay(date))} fill={token('signal')}>
      <line x1={x} x2={x} y1={flag} y2={bottom} stroke={token('signal')} strokeWidth={1.75} />
      <path d={`M${x},${flag}h${-FLAG}l6,6.5l-6,6.5h${FLAG}z`} />
      <Halo x={Math.min(right, x) - FLAG - 6} y={upper} textAnchor="end" fontWeight={600}>
        {nameIn(columns, name)}
      </Halo>
      <Halo x={x - 8} y={lower} textAnchor="end">
        {when.join(', ')}
      </Halo>
    </g>
  );
});

/** Where what stands beside the flag begins, lane by lane: events end before it. */
export function raceEdges({ weeks, spec }: CheckedBlock, columns: Columns): number[] {
  const x = raceX(weeks, columns, spec.race.date);
  const { name, goalTime } = spec.race;
  return [
    x - FLAG - 14 - nameIn(columns, name).length * LETTER,
    x - 16 - LETTER * (goalTime === undefined ? 10 : 19),
  ];
}

/** Whole in its name for those who hear it. */
function nameIn(columns: Columns, name: string): string {
  return cutTo(name, (columns.width - columns.labels) * MOST, LETTER);
}

function raceX(weeks: CheckedBlock['weeks'], columns: Columns, date: string): number {
  return dayX(weeks, columns, (dayIndex(weeks, date) ?? 0) + 0.5);
}
