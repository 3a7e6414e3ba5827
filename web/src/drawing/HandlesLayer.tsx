import type { CheckedBlock } from '@nadir/core';
import type { ShownBlock } from '@nadir/core/present/figures';
import { type KeyboardEvent, type PointerEvent, memo } from 'react';
import { type Columns, columnWidth, columnX } from './columns.js';
import { PEAK_OVER } from './PeakMark.js';
import { type HandleWords, handleWords, peakWeekOf } from './handle-labels.js';
import { type Handle, type DragHandlers, handleKey } from './drag.js';
import styles from './HandlesLayer.module.css';
import type { VolumeScale, WeekDrawn } from './skyline.js';
import * as wording from './wording.js';

/** Pixels above and below a line within which it can be taken. */
const REACH = 12;
const COARSE_STEPS = 5;

const NUDGES: Readonly<Record<string, number>> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
  PageUp: COARSE_STEPS,
  PageDown: -COARSE_STEPS,
};

interface Place {
  handle: Handle;
  x: number;
  y: number;
  width: number;
  height: number;
  /** Reached by Tab. */
  tab: boolean;
  upDown: boolean;
}

/**
 * What can be taken by hand on the drawing: tops of weeks and of long runs,
 * edges of phases, the depth of the taper, the week of the peak. Each is a
 * slider for the keyboard; of the weeks, those of the selected one.
 */
export const HandlesLayer = memo(function HandlesLayer({
  block,
  shown,
  skyline,
  scale,
  columns,
  band,
  selected,
  over,
  drag,
}: {
  block: CheckedBlock;
  shown: ShownBlock;
  skyline: readonly WeekDrawn[];
  scale: VolumeScale;
  columns: Columns;
  /** Height of the phases' band under the ground. */
  band: number;
  selected: number;
  /** Weeks that are over: they have no handles. */
  over: readonly number[];
  drag: DragHandlers;
}) {
  const perPixel = { steps: scale.stepsPerPixel, weeks: 1 / columnWidth(columns) };
  const places = [
    ...weekHandles(block, skyline, selected, over),
    ...phaseHandles(block, columns, scale.ground, band),
    ...(over.includes(peakWeekOf(block)) ? [] : peakHandle(block, skyline)),
  ];
  return (
    <g>
      {places.map((place) => (
        <HandleMark
          key={handleKey(place.handle)}
          place={place}
          words={handleWords(place.handle, block, shown)}
          perPixel={perPixel}
          drag={drag}
        />
      ))}
    </g>
  );
});

function HandleMark({
  place: { handle, x, y, width, height, tab, upDown },
  words: { label, value, least, most, text },
  perPixel,
  drag,
}: {
  place: Place;
  words: HandleWords;
  perPixel: { steps: number; weeks: number };
  drag: DragHandlers;
}) {
  function onPointerDown(event: PointerEvent) {
    if (event.button !== 0) return;
    event.preventDefault();
    drag.grab(handle, { x: event.clientX, y: event.clientY }, perPixel);
  }

  function onKeyDown(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const by = NUDGES[event.key];
    if (by !== undefined) drag.nudge(handle, by, middleOf(event.currentTarget));
    else if (event.key === 'Enter') drag.settle(true);
    else if (event.key === 'Escape') drag.settle(false);
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  return (
    <g className={styles.handle} data-chosen={tab}>
      <rect
        role="slider"
        tabIndex={tab ? 0 : -1}
        aria-label={label}
        aria-valuenow={value}
        aria-valuemin={least}
        aria-valuemax={most}
        aria-valuetext={text}
        aria-orientation={upDown ? 'vertical' : 'horizontal'}
        data-handle={handleKey(handle)}
        x={x}
        y={y}
        width={width}
        height={height}
        fill="transparent"
        cursor={upDown ? 'ns-resize' : 'ew-resize'}
        onPointerDown={onPointerDown}
        onKeyDown={onKeyDown}
        // Nothing is kept by leaving.
        onBlur={() => drag.settle(false)}
      >
        <title>{wording.pullIt(label, text)}</title>
      </rect>
      <circle cx={x + width / 2} cy={y + height / 2} r={4} />
    </g>
  );
}

/** Where a handle is on the window. */
function middleOf(mark: Element): { x: number; y: number } {
  const { left, top, width, height } = mark.getBoundingClientRect();
  return { x: left + width / 2, y: top + height / 2 };
}

function weekHandles(
  { weeks }: CheckedBlock,
  skyline: readonly WeekDrawn[],
  selected: number,
  over: readonly number[],
): Place[] {
  return weeks.flatMap(({ number, toGo, longRun }): Place[] => {
    const drawn = skyline[number - 1];
    if (!drawn || over.includes(number)) return [];
    const tab = number === selected;
    const volume: Place = {
      handle: toGo === 0 ? { kind: 'taper' } : { kind: 'volume', week: number },
      x: drawn.x,
      y: drawn.top - REACH,
      width: drawn.width,
      height: 2 * REACH,
      tab: tab || toGo === 0,
      upDown: true,
    };
    if (longRun === 0) return [volume];
    const long: Place = {
      handle: { kind: 'longRun', week: number },
      x: drawn.x + drawn.width * 0.22,
      y: Math.max(drawn.longTop - REACH, drawn.top + REACH),
      width: drawn.width * 0.56,
      height: 2 * REACH,
      tab,
      upDown: true,
    };
    return [volume, long];
  });
}

function phaseHandles(
  { phases }: CheckedBlock,
  columns: Columns,
  ground: number,
  band: number,
): Place[] {
  return phases.slice(1).map(({ firstWeek }, index) => ({
    handle: { kind: 'phase', index },
    x: columnX(columns, firstWeek - 1) - REACH,
    y: ground,
    width: 2 * REACH,
    height: band,
    tab: true,
    upDown: false,
  }));
}

/** The peak is taken by its name over its first week. */
function peakHandle(block: CheckedBlock, skyline: readonly WeekDrawn[]): Place[] {
  const drawn = skyline[peakWeekOf(block) - 1];
  if (!drawn) return [];
  return [
    {
      handle: { kind: 'peak' },
      x: drawn.x + drawn.width / 2 - REACH,
      y: drawn.top - PEAK_OVER - REACH,
      width: 2 * REACH,
      height: 2 * REACH,
      tab: true,
      upDown: false,
    },
  ];
}
