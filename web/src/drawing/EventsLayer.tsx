import type { CheckedBlock } from '@nadir/core';
import { type BlockEvent, eventCharacters, lastDay } from '@nadir/core/spec/days';
import { memo } from 'react';
import { formatDay } from '../components/dates.js';
import { token } from '../theme/tokens.js';
import { type Columns, columnX } from './columns.js';
import { dayIndex, dayX } from './days.js';
import { placeNames } from './event-names.js';

/** From a flag's pole to the name beside it. */
const BESIDE_FLAG = 12;
/** From one lane of names to the one over it. */
const OVER = 13;

/** Races, tests and days on the way: a flag on its day, or a bar over its days. */
export const EventsLayer = memo(function EventsLayer({
  block,
  columns,
  y,
  ground,
}: {
  block: CheckedBlock;
  columns: Columns;
  /** Foot of the lane that flags and names stand in; a second lane of names is over it. */
  y: number;
  ground: number;
}) {
  const { events } = block.spec;
  const placed = events
    .map((event) => ({ event, ...place(event, block, columns) }))
    .filter(({ from, to }) => to > from);
  const names = placeNames(
    placed.map(({ event: { kind, name }, from, to }) => {
      const { isRace } = eventCharacters[kind];
      const x = isRace ? (from + to) / 2 : from;
      return { x, nameX: isRace ? x + BESIDE_FLAG : x, name };
    }),
    columnX(columns, columns.weeks),
  );
  return (
    <g fontSize={11}>
      {placed.map(({ event, from, to }, index) => {
        const { title, isRace } = eventCharacters[event.kind];
        const days = event.to
          ? `${formatDay(event.from)} to ${formatDay(event.to)}`
          : formatDay(event.from);
        const middle = (from + to) / 2;
        const name = names[index];
        return (
          <g
            key={`${event.kind} ${event.from}`}
            role="img"
            aria-label={`${title}: ${event.name}, ${days}`}
          >
            <title>{`${title}: ${event.name}, ${days}`}</title>
            {isRace ? (
              <>
                <line
                  x1={middle}
                  x2={middle}
                  y1={y - 6}
                  y2={ground}
                  stroke={token('ink')}
                  strokeDasharray="1 3"
                />
                <path
                  d={`M${middle},${y - 7}h9l-2.6,3.4l2.6,3.4h-9z`}
                  fill={event.kind === 'test' ? token('paper') : token('ink')}
                  stroke={token('ink')}
                />
              </>
            ) : (
              <path
                d={`M${from},${y + 3}V${y - 2}H${to}V${y + 3}`}
                fill="none"
                stroke={token('ink')}
                strokeWidth={1.5}
              />
            )}
            {name && (
              <text
                x={name.x}
                y={name.over ? y - OVER : isRace ? y : y - 5}
                fontStyle={isRace ? 'normal' : 'italic'}
              >
                {name.text}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
});

/** From morning to evening of an event's days, as far as they lie in the block. */
function place(event: BlockEvent, { weeks, spec }: CheckedBlock, columns: Columns) {
  const from = event.from < spec.start ? spec.start : event.from;
  const first = dayIndex(weeks, from);
  const last = dayIndex(weeks, lastDay(event));
  if (first === undefined || last === undefined) return { from: 0, to: 0 };
  return { from: dayX(weeks, columns, first), to: dayX(weeks, columns, last + 1) };
}
