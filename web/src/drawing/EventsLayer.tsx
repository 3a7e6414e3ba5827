import type { CheckedBlock } from '@nadir/core';
import { placeEvents } from '@nadir/core/present/figures';
import { type BlockEvent, eventCharacters, lastDay } from '@nadir/core/spec/days';
import { memo } from 'react';
import { formatDay } from '../components/dates.js';
import { token } from '../theme/tokens.js';
import type { Columns } from './columns.js';
import { dayIndex, dayX } from './days.js';
import { Halo } from './Halo.js';
import { LETTERING } from './lettering.js';

/** From a flag's pole to the name beside it. */
const BESIDE_FLAG = 13;
const FLAG = 10;

/** Where the events of a block are drawn. */
interface EventsDrawn {
  block: CheckedBlock;
  columns: Columns;
  /** Base lines of the lanes, the upper one first. */
  lanes: readonly number[];
  /** Pixel at which each lane ends. */
  ends: readonly number[];
}

/** Races, tests and days away: a flag on its day, or a bracket over its days, in lanes of their own. */
export const EventsLayer = memo(function EventsLayer({ block, columns, lanes, ends }: EventsDrawn) {
  const placed = placedEvents(block, columns);
  const names = namesOf(placed, ends);
  return (
    <g>
      {placed.map(({ event, from, to }, index) => {
        const { title, isRace } = eventCharacters[event.kind];
        const { lane, text } = names[index] ?? { lane: 0, text: '' };
        const days = [...new Set([event.from, lastDay(event)])].map(formatDay).join(' to ');
        const mark = { event, from, to, y: lanes[lane] ?? 0 };
        return (
          <g
            key={`${event.kind} ${event.from}`}
            role="img"
            aria-label={`${title}: ${event.name}, ${days}`}
          >
            <title>{`${title}: ${event.name}, ${days}`}</title>
            {isRace ? <Flag {...mark} /> : <Bracket {...mark} />}
            <Halo x={isRace ? (from + to) / 2 + BESIDE_FLAG : from} y={mark.y - (isRace ? 0 : 3)}>
              {text}
            </Halo>
          </g>
        );
      })}
    </g>
  );
});

/** From the flags of races and tests down to the ground: drawn first, under the figures of their weeks. */
export const EventPoles = memo(function EventPoles({
  block,
  columns,
  lanes,
  ends,
  ground,
}: EventsDrawn & { ground: number }) {
  const placed = placedEvents(block, columns);
  const names = namesOf(placed, ends);
  return (
    <g aria-hidden="true" stroke={token('ink')} strokeDasharray="1 3">
      {placed.map(({ event, from, to }, index) => {
        const x = (from + to) / 2;
        const top = lanes[names[index]?.lane ?? 0];
        return eventCharacters[event.kind].isRace ? (
          <line key={event.from} x1={x} x2={x} y1={top} y2={ground} />
        ) : null;
      })}
    </g>
  );
});

interface Mark extends EventPlaced {
  /** Base line of the name. */
  y: number;
}

/** A race filled, a test open. */
function Flag({ event, from, to, y }: Mark) {
  const x = (from + to) / 2;
  return (
    <path
      d={`M${x},${y + 1}V${y - 9}h${FLAG}l-2.6,3.6l2.6,3.6h-${FLAG}`}
      fill={token(event.kind === 'test' ? 'paper' : 'ink')}
      stroke={token('ink')}
    />
  );
}

function Bracket({ from, to, y }: Mark) {
  return (
    <path
      d={`M${from},${y + 5}V${y + 1}H${to}V${y + 5}`}
      fill="none"
      stroke={token('ink')}
      strokeWidth={1.5}
    />
  );
}

/** An event from its first morning to its last evening, in pixels. */
interface EventPlaced {
  event: BlockEvent;
  from: number;
  to: number;
}

function placedEvents(block: CheckedBlock, columns: Columns): EventPlaced[] {
  return block.spec.events
    .map((event) => ({ event, ...place(event, block, columns) }))
    .filter(({ from, to }) => to > from);
}

function namesOf(placed: readonly EventPlaced[], ends: readonly number[]) {
  const named = placed.map(({ event: { kind, name }, from, to }) => {
    const { isRace } = eventCharacters[kind];
    const x = isRace ? (from + to) / 2 : from;
    return isRace
      ? { x, right: x + FLAG, nameX: x + BESIDE_FLAG, name }
      : { x, right: to, nameX: x, name };
  });
  return placeEvents(named, ends, LETTERING);
}

/** From morning to evening of an event's days, as far as they lie in the block. */
function place(event: BlockEvent, { weeks, spec }: CheckedBlock, columns: Columns) {
  const from = event.from < spec.start ? spec.start : event.from;
  const first = dayIndex(weeks, from);
  const last = dayIndex(weeks, lastDay(event));
  if (first === undefined || last === undefined) return { from: 0, to: 0 };
  return { from: dayX(weeks, columns, first), to: dayX(weeks, columns, last + 1) };
}
