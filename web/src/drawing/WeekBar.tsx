import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { paceWords, type Week } from '@nadir/core/layout';
import { saySegment, type ShownBlock } from '@nadir/core/present';
import { memo } from 'react';
import { token } from '../theme/tokens.js';
import { type WeekDrawn, outlineOf } from './skyline.js';

/** Below this a pin's mark stands over its figure, not beside it. */
const ROOM_BESIDE_FIGURES = 36;
/** Below this a column is too narrow for figures with a decimal in every week. */
const ROOM_FOR_FIGURES = 24;

/** Everything that is drawn in one week's column, as plain values: equal ones are not drawn again. */
export interface BarDrawn extends WeekDrawn {
  label: string;
  ground: number;
  volume: string;
  /** Empty when there is no long run. */
  longRun: string;
  done: boolean;
  recovery: boolean;
  volumePinned: boolean;
  longRunPinned: boolean;
  /** Parts of the long run before its segment, and in it; 0 when it has none. */
  before: number;
  carried: number;
}

/** One week as it is drawn. */
export function barOf(
  week: Week,
  shown: ShownBlock,
  drawn: WeekDrawn,
  { ground, done }: { ground: number; done: boolean },
): BarDrawn {
  const say = (steps: number) => formatSteps(steps, shown.measure);
  const { volume = 0, longRun = 0 } = shown.weeks[week.number - 1] ?? {};
  const volumePinned = week.volumeRule === 'pin';
  const words = [
    `Week ${week.number}: ${say(volume)} ${unitName(shown.measure)}${volumePinned ? ', pinned' : ''}`,
    week.toGo === 0 ? 'race week' : `long run ${say(longRun)}`,
    ...(week.recovery ? ['recovery week'] : []),
    ...(week.segment
      ? [`${saySegment(shown, week.number)} of it at ${paceWords(week.segment)}`]
      : []),
  ];
  return {
    label: words.join(', '),
    ground,
    volume: say(volume),
    longRun: longRun > 0 ? say(longRun) : '',
    done,
    recovery: week.recovery,
    volumePinned,
    longRunPinned: week.longRunRule === 'pin',
    before: week.segment ? week.segment.before / week.longRun : 0,
    carried: week.segment ? week.segment.amount / week.longRun : 0,
    ...drawn,
  };
}

/** A week's part of the outline, its long run at the foot of the column, its figures, and the marks of pins and recovery. */
export const WeekBar = memo(function WeekBar(bar: BarDrawn) {
  const { x, width, top, longTop, ground } = bar;
  const middle = x + width / 2;
  const beside = width >= ROOM_BESIDE_FIGURES;
  return (
    <g role="img" aria-label={bar.label}>
      <rect
        x={x + width * 0.22}
        width={width * 0.56}
        y={longTop}
        height={Math.max(0, ground - longTop)}
        fill={token(bar.done ? 'long' : 'longToCome')}
      />
      {bar.carried > 0 && <SegmentMark {...bar} />}
      {bar.recovery && (
        <line
          x1={x + 5}
          x2={x + width - 5}
          y1={top + 4}
          y2={top + 4}
          stroke={token('ink')}
          strokeDasharray="1.5 2.5"
        />
      )}
      <path
        d={outlineOf(bar)}
        fill="none"
        stroke={token('ink')}
        strokeWidth={bar.done ? 2.75 : 1.25}
        strokeLinecap="square"
      />
      {width >= ROOM_FOR_FIGURES && (
        <>
          <text x={middle} y={top - 5} textAnchor="middle" fontWeight={600}>
            {bar.volume}
          </text>
          {bar.longRun !== '' && (
            <text x={middle} y={longTop - 3} textAnchor="middle" fontSize={11}>
              {bar.longRun}
            </text>
          )}
        </>
      )}
      {bar.volumePinned &&
        (beside ? <Pin x={x + width - 5} y={top - 6} /> : <Pin x={middle} y={top - 19} />)}
      {bar.longRunPinned &&
        (beside ? (
          <Pin x={x + width * 0.78 + 4} y={longTop + 2} />
        ) : (
          <Pin x={middle} y={longTop - 17} />
        ))}
    </g>
  );
});

/** The stretch of a long run that is not easy: from the foot of the bar upward, as it is run. */
function SegmentMark({ x: left, width: column, longTop, ground, before, carried }: BarDrawn) {
  const [x, width] = [left + column * 0.22, column * 0.56];
  const height = ground - longTop;
  const top = ground - height * (before + carried);
  const strokes = Math.max(1, Math.floor((height * carried) / 4));
  const lines = Array.from(
    { length: strokes },
    (_, index) => `M${x},${top + 2 + index * 4}h${width}`,
  );
  return (
    <g aria-hidden="true">
      <rect
        x={x}
        width={width}
        y={top}
        height={height * carried}
        fill={token('paper')}
        fillOpacity={0.35}
      />
      <path d={lines.join('')} stroke={token('ink')} strokeWidth={1} />
    </g>
  );
}

function Pin({ x, y }: { x: number; y: number }) {
  return <path d={`M${x},${y - 4}l3.6,6.2h-7.2z`} fill={token('ink')} aria-hidden="true" />;
}
