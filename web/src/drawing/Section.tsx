import type { Block, CivilDate, ShownBlock } from '@nadir/core';
import { type MouseEvent, memo, useId, useMemo } from 'react';
import { token } from '../look/tokens.js';
import type { Columns } from './columns.js';
import { weekOf } from './days.js';
import { EventsLayer } from './EventsLayer.js';
import { type GhostBlock, GhostLayer } from './Ghost.js';
import { HandlesLayer, PeakMark } from './HandlesLayer.js';
import type { Hands } from './hands.js';
import { Hatches } from './hatches.js';
import { legsRange } from './legs-curve.js';
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
  /** The weeks in hand, in order; the last one moved to is framed with them. */
  selected?: readonly number[] | undefined;
  /** Weeks that a check in focus is about. */
  lit?: readonly number[];
  /** Another version to compare with. */
  ghost?: GhostBlock | undefined;
  /** Shown steps the scale reaches at least, while something is dragged. */
  reach?: number | undefined;
  onSelect?: ((week: number, extend: boolean) => void) | undefined;
  hands?: Hands | undefined;
}

const TOP = 60;
const EVENTS = 36;
const BAND = 24;

/** The drawing of a block: skyline above the waterline, legs below it, column by column. */
export const Section = memo(function Section(props: SectionProps) {
  const { block, shown, columns, height, today, selected, lit = [], ghost, hands } = props;
  const id = useId();
  const ground = Math.round(height * 0.72) - BAND;
  const doneWeeks =
    (weekOf(block.weeks, today) ?? (today > block.wishes.race.date ? block.weeks.length + 1 : 1)) -
    1;
  const reach = Math.max(
    props.reach ?? 1,
    ...(ghost?.shown.weeks.map(({ volume }) => volume) ?? []),
  );
  const skyline = useMemo(
    () => drawSkyline(shown, columns, { top: TOP, ground, doneWeeks, reach }),
    [shown, columns, ground, doneWeeks, reach],
  );
  const legs = useMemo(
    () => ({
      top: ground + BAND + 14,
      bottom: height - 20,
      range: legsRange(ghost ? [block, ghost.block] : [block]),
    }),
    [ground, height, block, ghost],
  );
  const { race, athlete } = block.wishes;
  const onSelect = props.onSelect;
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
      <LegsLayer block={block} columns={columns} frame={legs} />
      {ghost && (
        <GhostLayer ghost={ghost} skyline={skyline} ground={ground} columns={columns} legs={legs} />
      )}
      <EventsLayer block={block} columns={columns} y={EVENTS} ground={ground} />
      <MarksLayer block={block} columns={columns} top={TOP} bottom={height} today={today} />
      {hands && <PeakMark block={block} skyline={skyline} />}
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
              onClick={(event: MouseEvent) => onSelect(index + 1, event.shiftKey)}
            />
          ))}
        </g>
      )}
      {hands && (
        <HandlesLayer
          block={block}
          shown={shown}
          skyline={skyline}
          columns={columns}
          ground={ground}
          band={BAND}
          selected={selected?.at(-1) ?? 1}
          hands={hands}
        />
      )}
    </svg>
  );
});
