import type { Block, CivilDate, ShownBlock } from '@nadir/core';
import { memo, useId, useMemo } from 'react';
import { token } from '../look/tokens.js';
import type { Columns } from './columns.js';
import { weekOf } from './days.js';
import { Hatches } from './hatches.js';
import { LegsLayer } from './LegsLayer.js';
import { MarksLayer } from './MarksLayer.js';
import { PhasesLayer } from './PhasesLayer.js';
import { drawSkyline } from './skyline.js';
import { SkylineLayer } from './SkylineLayer.js';
import { WeekFrames } from './WeekFrames.js';

export interface SectionProps {
  block: Block;
  shown: ShownBlock;
  columns: Columns;
  height: number;
  today: CivilDate;
  selected?: number | undefined;
  /** Weeks that a check in focus is about. */
  lit?: readonly number[];
  onSelect?: ((week: number) => void) | undefined;
}

const TOP = 44;
const BAND = 24;

/** The drawing of a block: skyline above the waterline, legs below it, column by column. */
export const Section = memo(function Section(props: SectionProps) {
  const { block, shown, columns, height, today, selected, lit = [], onSelect } = props;
  const id = useId();
  const ground = Math.round(height * 0.72) - BAND;
  const doneWeeks =
    (weekOf(block.weeks, today) ?? (today > block.wishes.race.date ? block.weeks.length + 1 : 1)) -
    1;
  const skyline = useMemo(
    () => drawSkyline(shown, columns, { top: TOP, ground, doneWeeks }),
    [shown, columns, ground, doneWeeks],
  );
  const { race, athlete } = block.wishes;
  return (
    <svg
      width={columns.width}
      height={height}
      role="group"
      aria-label={`Section: ${block.weeks.length} weeks to ${race.name}${athlete.name && ` of ${athlete.name}`}`}
      style={{ display: 'block', fontSize: 12, fill: token('ink'), userSelect: 'none' }}
    >
      <Hatches id={id} />
      <WeekFrames skyline={skyline} height={height} lit={lit} selected={selected} />
      <SkylineLayer
        skyline={skyline}
        block={block}
        shown={shown}
        ground={ground}
        columns={columns}
        doneWeeks={doneWeeks}
      />
      <PhasesLayer phases={block.phases} columns={columns} top={ground} height={BAND} hatch={id} />
      <LegsLayer block={block} columns={columns} top={ground + BAND + 14} bottom={height - 20} />
      <MarksLayer block={block} columns={columns} top={TOP} bottom={height} today={today} />
      {onSelect && (
        <g aria-hidden="true">
          {skyline.weeks.map(({ x, width }, index) => (
            <rect
              key={index}
              x={x}
              y={0}
              width={width}
              height={height}
              fill="transparent"
              style={{ cursor: 'pointer' }}
              onClick={() => onSelect(index + 1)}
            />
          ))}
        </g>
      )}
    </svg>
  );
});
