import type { CheckedBlock } from '@nadir/core';
import type { CivilDate } from '@nadir/core/base';
import { frameStates, type ShownBlock } from '@nadir/core/present/figures';
import { type MouseEvent, memo, useId, useMemo } from 'react';
import { type Columns, columnWidth, columnX } from './columns.js';
import { weeksDone } from './days.js';
import { EventPoles, EventsLayer } from './EventsLayer.js';
import { type OverlayBlock, OverlayLayer, overlayLines } from './Overlay.js';
import { HandlesLayer } from './HandlesLayer.js';
import { PeakMark } from './PeakMark.js';
import type { DragHandlers } from './drag.js';
import { Hatches, stippleOf } from './hatches.js';
import { type LegsFrame, legsRange } from './legs-curve.js';
import { LegsLayer } from './LegsLayer.js';
import { PhasesLayer } from './PhasesLayer.js';
import { drawSkyline, heaviest, scaleEnd, volumeScale } from './skyline.js';
import { SkylineLayer } from './SkylineLayer.js';
import { RaceFlag, raceEdges } from './RaceFlag.js';
import styles from './Section.module.css';
import { TodayLine } from './TodayLine.js';
import { ChosenFrame, LitWeeks } from './WeekFrames.js';
import * as wording from './wording.js';

export interface SectionProps {
  block: CheckedBlock;
  shown: ShownBlock;
  /** The block as it is read and taken hold of; the one drawn when left out. */
  settled?: { block: CheckedBlock; shown: ShownBlock } | undefined;
  columns: Columns;
  height: number;
  today: CivilDate;
  /** The weeks in hand, in order; the last one moved to is framed with them. */
  selected?: readonly number[] | undefined;
  /** Weeks that a check in focus is about. */
  lit?: readonly number[];
  /** Others to compare with, each in its own line. */
  overlays?: readonly OverlayBlock[];
  /** Shown steps the scale reaches at least, while something is dragged. */
  reach?: number | undefined;
  onSelect?: ((week: number, extend: boolean) => void) | undefined;
  /** What was run of each week that has begun and is known, in shown units. */
  ran?: ReadonlyMap<number, number>;
  /** Weeks that are over: nothing of them is taken by hand. */
  over?: readonly number[];
  drag?: DragHandlers | undefined;
  /** Drawn from race day backward, anew whenever this number changes; at once where there is none. */
  countBack?: number | undefined;
}

const NO_OVERLAY: readonly OverlayBlock[] = [];
const NOT_KNOWN: ReadonlyMap<number, number> = new Map();

/** Base lines of the two lanes for races and days away, and of marks beside the race’s own words. */
const LANES = [18, 38, 50] as const;
/** Base line of the word over today’s line. */
const TODAY = 62;
/** The highest tick: room above it for the name of the peak. */
const TOP = 84;
const BAND = 24;

/** The drawing of a block: skyline above the waterline, legs below it, column by column. */
export const Section = memo(function Section(props: SectionProps) {
  const {
    block,
    shown,
    columns,
    height,
    today,
    selected,
    lit = NONE,
    ran = NOT_KNOWN,
    overlays = NO_OVERLAY,
    drag,
  } = props;
  const id = useId();
  const ground = Math.round(height * 0.72) - BAND;
  const doneWeeks = weeksDone(block.weeks, today);
  const most = Math.max(
    props.reach ?? 1,
    heaviest(shown),
    ...overlays.map(({ shown: other }) => heaviest(other)),
  );
  const end = scaleEnd(most);
  const scale = useMemo(() => volumeScale(end, { top: TOP, ground }), [end, ground]);
  const skyline = useMemo(() => drawSkyline(shown, columns, scale), [shown, columns, scale]);
  const [lowest, freshest] = legsRange([block, ...overlays.map((other) => other.block)]);
  const legs = useMemo(
    (): LegsFrame => ({ top: ground + BAND + 14, bottom: height - 20, range: [lowest, freshest] }),
    [ground, height, lowest, freshest],
  );
  const settled = props.settled ?? props;
  const held = useMemo(
    () => drawSkyline(settled.shown, columns, scale),
    [settled.shown, columns, scale],
  );
  const { race, athlete } = block.spec;
  const ends = useMemo(() => raceEdges(settled.block, columns), [settled.block, columns]);
  const chosen = (selected ?? NONE).filter((week) => week <= columns.weeks);
  const [first, last] = [Math.min(...chosen), Math.max(...chosen)];
  return (
    <svg
      width={columns.width}
      height={height}
      role="group"
      aria-label={wording.sectionWeeksTo(
        block.weeks.length,
        race.name,
        athlete.name && wording.ofAthlete(athlete.name),
      )}
      className={styles.section}
      data-count-back={props.countBack === undefined ? undefined : props.countBack % 2}
    >
      <Hatches id={id} />
      <LitWeeks columns={columns} top={TOP - 20} height={height} lit={lit} />
      <SkylineLayer
        skyline={skyline}
        block={block}
        shown={shown}
        scale={scale}
        columns={columns}
        doneWeeks={doneWeeks}
        ran={ran}
        stipple={stippleOf(id)}
        between={
          <>
            {overlays.map((overlay, index) => (
              <OverlayLayer
                key={index}
                overlay={overlay}
                line={overlayLines[index] ?? overlayLines[0]}
                scale={scale}
                columns={columns}
                legs={legs}
              />
            ))}
            <EventPoles
              block={settled.block}
              columns={columns}
              lanes={LANES}
              ends={ends}
              ground={ground}
            />
            <TodayLine
              block={settled.block}
              columns={columns}
              top={TODAY}
              ground={ground}
              today={today}
            />
          </>
        }
      />
      {chosen.length > 0 && (
        <ChosenFrame
          columns={columns}
          first={first}
          last={last}
          left={skyline[first - 1]?.top ?? TOP}
          right={skyline[last - 1]?.top ?? TOP}
          height={height}
        />
      )}
      <PhasesLayer
        phases={block.phases}
        fixed={frameStates(block.spec).phases === 'fixed'}
        columns={columns}
        top={ground}
        height={BAND}
        hatch={id}
      />
      <LegsLayer block={block} columns={columns} frame={legs} />
      <EventsLayer block={settled.block} columns={columns} lanes={LANES} ends={ends} />
      <RaceFlag block={settled.block} columns={columns} lanes={LANES} bottom={height - 8} />
      <PeakMark block={block} shown={shown} skyline={skyline} />
      {props.onSelect && (
        <WeekTargets columns={columns} height={height} onSelect={props.onSelect} />
      )}
      {drag && (
        <HandlesLayer
          block={settled.block}
          shown={settled.shown}
          skyline={held}
          scale={scale}
          columns={columns}
          band={BAND}
          selected={selected?.at(-1) ?? 1}
          over={props.over ?? NONE}
          drag={drag}
        />
      )}
    </svg>
  );
});

const NONE: readonly number[] = [];

/** A click anywhere in a week's column selects it. */
const WeekTargets = memo(function WeekTargets({
  columns,
  height,
  onSelect,
}: {
  columns: Columns;
  height: number;
  onSelect: (week: number, extend: boolean) => void;
}) {
  return (
    <g aria-hidden="true">
      {Array.from({ length: columns.weeks }, (_, index) => (
        <rect
          key={index}
          x={columnX(columns, index)}
          y={0}
          width={columnWidth(columns)}
          height={height}
          fill="transparent"
          cursor="pointer"
          onClick={(event: MouseEvent) => onSelect(index + 1, event.shiftKey)}
        />
      ))}
    </g>
  );
});
