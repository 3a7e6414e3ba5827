import {
  type Block,
  type ShownBlock,
  type Week,
  formatPlain,
  formatSteps,
  paceWords,
  unitName,
} from '@nadir/core';
import { useId } from 'react';
import { token } from '../look/tokens.js';
import { type Columns, columnX } from './columns.js';
import type { Skyline } from './skyline.js';

/** Below this a pin's mark stands over its figure, not beside it. */
const ROOM_BESIDE_FIGURES = 36;
/** Below this a column is too narrow for figures with a decimal in every week. */
const ROOM_FOR_FIGURES = 24;

export function SkylineLayer({
  skyline,
  block,
  shown,
  ground,
  columns,
  doneWeeks,
}: {
  skyline: Skyline;
  block: Block;
  shown: ShownBlock;
  ground: number;
  columns: Columns;
  doneWeeks: number;
}) {
  const { measure } = shown;
  const say = (steps: number) => formatSteps(steps, measure);
  const right = columnX(columns, columns.weeks);
  const columnWidth = skyline.weeks[0]?.width ?? 0;
  const labelled = columnWidth >= ROOM_FOR_FIGURES;
  const beside = columnWidth >= ROOM_BESIDE_FIGURES;
  return (
    <g>
      <g aria-hidden="true" fill={token('muted')}>
        <text x={columns.labels - 8} y={46} textAnchor="end">
          {unitName(measure)} a week
        </text>
        {skyline.ticks.map(({ y, steps }) => (
          <g key={steps}>
            <line
              x1={columns.labels}
              x2={right}
              y1={y}
              y2={y}
              stroke={token('hairline')}
              strokeWidth={0.75}
            />
            <text x={columns.labels - 8} y={y + 4} textAnchor="end">
              {say(steps)}
            </text>
          </g>
        ))}
      </g>
      <path d={skyline.toCome} fill={token('toCome')} />
      <path d={skyline.done} fill={token('done')} />
      {skyline.weeks.map(({ x, width, top, longTop }, index) => {
        const week = block.weeks[index];
        const figures = shown.weeks[index];
        if (!week || !figures) return null;
        const middle = x + width / 2;
        const long = week.toGo === 0 ? 'race week' : `long run ${say(figures.longRun)}`;
        const pinned = week.volumeRule === 'pin' ? ', pinned' : '';
        return (
          <g
            key={week.number}
            role="img"
            aria-label={`Week ${week.number}: ${say(figures.volume)} ${unitName(measure)}${pinned}, ${long}${week.recovery ? ', recovery week' : ''}${segmentWords(week, shown)}`}
          >
            <rect
              x={x + width * 0.22}
              width={width * 0.56}
              y={longTop}
              height={Math.max(0, ground - longTop)}
              fill={token(index < doneWeeks ? 'long' : 'longToCome')}
            />
            {week.segment && (
              <SegmentMark
                x={x + width * 0.22}
                width={width * 0.56}
                ground={ground}
                height={ground - longTop}
                from={week.segment.before / week.longRun}
                part={week.segment.amount / week.longRun}
              />
            )}
            {week.recovery && (
              <line
                x1={x + 5}
                x2={x + width - 5}
                y1={top + 4}
                y2={top + 4}
                stroke={token('ink')}
                strokeDasharray="1.5 2.5"
              />
            )}
            {labelled && (
              <>
                <text x={middle} y={top - 5} textAnchor="middle" fontWeight={600}>
                  {say(figures.volume)}
                </text>
                {figures.longRun > 0 && (
                  <text x={middle} y={longTop - 3} textAnchor="middle" fontSize={11}>
                    {say(figures.longRun)}
                  </text>
                )}
              </>
            )}
            {week.volumeRule === 'pin' &&
              (beside ? <Pin x={x + width - 5} y={top - 6} /> : <Pin x={middle} y={top - 19} />)}
            {week.longRunRule === 'pin' &&
              (beside ? (
                <Pin x={x + width * 0.78 + 4} y={longTop + 2} />
              ) : (
                <Pin x={middle} y={longTop - 17} />
              ))}
          </g>
        );
      })}
      <path d={skyline.outline} fill="none" stroke={token('ink')} strokeWidth={1.25} />
      <DoneOutline skyline={skyline} doneWeeks={doneWeeks} right={right} ground={ground} />
    </g>
  );
}

/** Weeks done are inked: the same outline, heavier, up to where today’s week begins. */
function DoneOutline({
  skyline,
  doneWeeks,
  right,
  ground,
}: {
  skyline: Skyline;
  doneWeeks: number;
  right: number;
  ground: number;
}) {
  const until = skyline.weeks[doneWeeks]?.x ?? right;
  const from = skyline.weeks[0]?.x ?? 0;
  const id = useId();
  if (doneWeeks <= 0) return null;
  return (
    <g aria-hidden="true">
      <clipPath id={id}>
        <rect x={from - 2} y={0} width={until - from + 2} height={ground} />
      </clipPath>
      <path
        d={skyline.outline}
        fill="none"
        stroke={token('ink')}
        strokeWidth={2.75}
        clipPath={`url(#${id})`}
      />
    </g>
  );
}

/** The stretch of a long run that is not easy: from the foot of the bar upward, as it is run. */
function SegmentMark({
  x,
  width,
  ground,
  height,
  from,
  part,
}: {
  x: number;
  width: number;
  ground: number;
  height: number;
  from: number;
  part: number;
}) {
  const top = ground - height * (from + part);
  return (
    <g aria-hidden="true">
      <rect
        x={x}
        width={width}
        y={top}
        height={height * part}
        fill={token('paper')}
        fillOpacity={0.35}
      />
      {Array.from({ length: Math.max(1, Math.floor((height * part) / 4)) }, (_, index) => (
        <line
          key={index}
          x1={x}
          x2={x + width}
          y1={top + 2 + index * 4}
          y2={top + 2 + index * 4}
          stroke={token('ink')}
          strokeWidth={1}
        />
      ))}
    </g>
  );
}

function segmentWords({ segment }: Week, { measure }: ShownBlock): string {
  return segment ? `, ${formatPlain(segment.amount, measure)} of it at ${paceWords(segment)}` : '';
}

function Pin({ x, y }: { x: number; y: number }) {
  return <path d={`M${x},${y - 4}l3.6,6.2h-7.2z`} fill={token('ink')} aria-hidden="true" />;
}
