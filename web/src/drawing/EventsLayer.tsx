import type { CheckedBlock } from '@nadir/core';
import { type BlockEvent, eventCharacters, lastDay } from '@nadir/core/spec/days';
import { memo } from 'react';
import { formatDay } from '../components/dates.js';
import { token } from '../theme/tokens.js';
import type { Columns } from './columns.js';
import { dayIndex, dayX } from './days.js';
import { placeEvents } from './event-names.js';
import { Halo } from './Halo.js';

/** From a flag's pole to the name beside it. */
const BESIDE_FLAG = 13;
const FLAG = 10;

/** Races, tests and days away: a flag on its day, or a bracket over its days, in lanes of their own. */
export const EventsLayer = memo(function EventsLayer({
  block,
  columns,
  lanes,
  ends,
  ground,
}: {
  block: CheckedBlock;
  columns: Columns;
  /** Base lines of the lanes, the upper one first. */
  lanes: readonly number[];
  /** Pixel at which each lane ends. */
  ends: readonly number[];
  ground: number;
}) {
  const placed = block.spec.events
    .map((event) => ({ event, ...place(event, block, columns) }))
    .filter(({ from, to }) => to > from);
  const names = placeEvents(
    placed.map(({ event: { kind, name }, from, to }) => {
      const { isRace } = eventCharacters[kind];
      const x = isRace ? (from + to) / 2 : from;
      return isRace
        ? { x, right: x + FLAG, nameX: x + BESIDE_FLAG, name }
        : { x, right: to, nameX: x, name };
    }),
    ends,
  );
  return (
    <g>
      {placed.map(({ event, from, to }, index) => {
        const { title, isRace } = eventCharacters[event.kind];
        const { lane, text } = names[index] ?? { lane: 0, text: '' };
        const days = [...new Set([event.from, lastDay(event)])].map(formatDay).join(' to ');
        const mark = { event, from, to, y: lanes[lane] ?? 0, ground };
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

interface Mark {
  event: BlockEvent;
  from: number;
  to: number;
  /** Base line of the name. */
  y: number;
  ground: number;
}

/** A race filled, a test open. */
function Flag({ event, from, to, y, ground }: Mark) {
  const x = (from + to) / 2;
  return (
    <>
      <line x1={x} x2={x} y1={y} y2={ground} stroke={token('ink')} strokeDasharray="1 3" />
      <path
        d={`M${x},${y + 1}V${y - 9}h${FLAG}l-2.6,3.6l2.6,3.6h-${FLAG}`}
        fill={token(event.kind === 'test' ? 'paper' : 'ink')}
        stroke={token('ink')}
      />
    </>
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

/** From morning to evening of an event's days, as far as they lie in the block. */
function place(event: BlockEvent, { weeks, spec }: CheckedBlock, columns: Columns) {
  const from = event.from < spec.start ? spec.start : event.from;
  const first = dayIndex(weeks, from);
  const last = dayIndex(weeks, lastDay(event));
  if (first === undefined || last === undefined) return { from: 0, to: 0 };
  return { from: dayX(weeks, columns, first), to: dayX(weeks, columns, last + 1) };
}
