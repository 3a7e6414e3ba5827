import type { Review } from '@nadir/core/review';
import { scaleLinear } from 'd3-scale';
import { useMemo } from 'react';
import { type Columns, columnWidth, columnX } from '../../drawing/columns.js';
import { dayXs } from '../../drawing/days.js';
import { token } from '../../theme/tokens.js';
import styles from './Diary.module.css';
import { laneWords } from './lane-words.js';
import * as wording from './wording.js';

interface LaneProps {
  review: Review;
  columns: Columns;
  /** Pixel of every day's morning, and of the width of a day. */
  xs: readonly number[];
  day: number;
}

const HEIGHT = 46;
/** Pixels that two or three lines of words need. */
const ROOM = 200;

/** Easy pace, load, and the mornings, day by day on the axis of the drawing; each with its reading in words. */
export function Lanes({
  review,
  columns,
  chosen,
  scrolls,
}: {
  review: Review;
  columns: Columns;
  chosen: number;
  /** Wider than is seen at once: the columns to come may be out of sight. */
  scrolls: boolean;
}) {
  const { weeks } = review.block;
  const xs = useMemo(() => dayXs(weeks, columns), [weeks, columns]);
  const lane = { review, columns, xs, day: columnWidth(columns) / 7 };
  const words = laneWords(review);
  // None before the block has begun.
  const frame =
    chosen > 0 ? { x: columnX(columns, chosen - 1), width: columnWidth(columns) } : undefined;
  // Beside the days in the columns to come, where there is room for a line.
  const free = columnX(columns, review.weeks.length) + 12;
  const beside = !scrolls && columns.width - free >= ROOM ? free : undefined;
  return (
    <div style={{ width: columns.width }}>
      <Lane
        title={wording.easyPace}
        hint={wording.quickerIsUp}
        words={words.easy}
        columns={columns}
        frame={frame}
        beside={beside}
      >
        <EasyLane {...lane} />
      </Lane>
      <Lane
        title={wording.loadADay}
        hint={wording.minutesEffort}
        words={words.load}
        columns={columns}
        frame={frame}
        beside={beside}
      >
        <LoadLane {...lane} />
      </Lane>
      <Lane
        title={wording.mornings}
        hint={wording.freshUpSoreDown}
        words={words.mornings}
        columns={columns}
        frame={frame}
        beside={beside}
      >
        <MorningLane {...lane} />
      </Lane>
    </div>
  );
}

function Lane({
  title,
  hint,
  words,
  columns,
  frame,
  beside,
  children,
}: {
  title: string;
  hint: string;
  words: string;
  columns: Columns;
  frame: { x: number; width: number } | undefined;
  /** Pixel at which the words stand beside the days; under them where there is none. */
  beside: number | undefined;
  children: React.ReactNode;
}) {
  return (
    <section aria-label={title} className={styles.lane}>
      <div className={styles.title} style={{ width: columns.labels, height: HEIGHT }} aria-hidden>
        <b>{title}</b>
        <span className={`${styles.hint} muted`}>{hint}</span>
      </div>
      <svg width={columns.width} height={HEIGHT} role="img" aria-label={`${title}. ${words}`}>
        {children}
        {frame && (
          <path
            d={`M${frame.x},0V${HEIGHT}M${frame.x + frame.width},0V${HEIGHT}`}
            stroke={token('ink')}
            strokeWidth={1.25}
          />
        )}
      </svg>
      <p
        className="muted"
        style={beside === undefined ? undefined : { left: beside }}
        data-beside={beside !== undefined}
      >
        {words}
      </p>
    </section>
  );
}

/** Runs as ticks on the band of the table; quicker ones as triangles, by shape as well as place. */
function EasyLane({ review, xs, day }: LaneProps) {
  const runs = review.days.flatMap(({ easy }, index) => (easy ? [{ ...easy, index }] : []));
  if (runs.length === 0) return null;
  const paces = runs.flatMap(({ pace, range }) => [pace, range.quick, range.slow]);
  const y = scaleLinear([Math.min(...paces) - 5, Math.max(...paces) + 5], [4, HEIGHT - 4]);
  const margin = review.rules.diary.easyMargin;
  return (
    <g>
      {runs.map(({ index, range }) => (
        <rect
          key={index}
          x={xs[index]}
          width={day}
          y={y(range.quick)}
          height={Math.max(1, y(range.slow) - y(range.quick))}
          fill={token('toCome')}
        />
      ))}
      {runs.map(({ index, pace, range }) => {
        const x = (xs[index] ?? 0) + day / 2;
        return pace < range.quick - margin ? (
          <path
            key={index}
            d={`M${x},${y(pace) - 4}l4,7h-8Z`}
            fill="none"
            stroke={token('signal')}
            strokeWidth={1.4}
          />
        ) : (
          <path key={index} d={`M${x - 3},${y(pace)}h6`} stroke={token('ink')} strokeWidth={2.5} />
        );
      })}
    </g>
  );
}

function LoadLane({ review, xs, day }: LaneProps) {
  const known = review.days.map(({ load }, index) => ({ load, index }));
  const most = Math.max(1, ...known.map(({ load = 0 }) => load));
  const y = scaleLinear([0, most], [HEIGHT - 2, 4]);
  return (
    <g>
      {known.map(({ load, index }) =>
        load === undefined ? null : (
          <rect
            key={index}
            x={(xs[index] ?? 0) + day * 0.15}
            width={Math.max(1.5, day * 0.7)}
            y={y(load)}
            height={HEIGHT - 2 - y(load)}
            fill={token('legs')}
          />
        ),
      )}
    </g>
  );
}

/** Freshness as a line upward, soreness as a block downward: five and ten are full height. */
function MorningLane({ review, xs, day }: LaneProps) {
  if (review.days.length === 0) return null;
  const middle = HEIGHT / 2;
  return (
    <g>
      {review.days.map(({ morning, day: { date } }, index) => {
        const x = (xs[index] ?? 0) + day / 2;
        const { fresh, sore, ill } = morning ?? {};
        return (
          <g key={date}>
            {fresh !== undefined && (
              <path
                d={`M${x},${middle - 2}v${-((middle - 5) * fresh) / 5}`}
                stroke={token('ink')}
                strokeWidth={1.5}
              />
            )}
            {sore && (
              <rect
                x={x - day * 0.35}
                width={Math.max(2, day * 0.7)}
                y={middle + 1}
                height={((middle - 3) * sore.level) / 10}
                fill={token('signal')}
              />
            )}
            {ill && (
              <text
                x={x}
                y={HEIGHT - 3}
                textAnchor="middle"
                fill={token('signal')}
                className={styles.hint}
              >
                ✕
              </text>
            )}
          </g>
        );
      })}
      <path
        d={`M${xs[0] ?? 0},${middle}H${(xs[review.days.length - 1] ?? 0) + day}`}
        stroke={token('hairline')}
      />
    </g>
  );
}
