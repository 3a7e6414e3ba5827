import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { paceWords } from '@nadir/core/layout';
import { isBase, type Block, type Week } from '@nadir/core/layout/block';
import { isRestart } from '@nadir/core/edit';
import { weekChange } from '@nadir/core/present';
import { frameStates, saySegment, type ShownBlock } from '@nadir/core/present/figures';
import { memo } from 'react';
import { token } from '../theme/tokens.js';
import { type WeekDrawn, outlineOf } from './skyline.js';
import * as wording from './wording.js';

/** Everything that is drawn in one week's column, as plain values: equal ones are not drawn again. */
export interface BarDrawn extends WeekDrawn {
  number: number;
  label: string;
  ground: number;
  volume: string;
  /** Empty when there is no long run. */
  longRun: string;
  done: boolean;
  /** Where what was run ends; undefined where it is not known. */
  runTop: number | undefined;
  /** What a recovery week or a step of the taper takes off, or that the block rebuilds from here; empty in other weeks. */
  cut: string;
  /** True for a recovery week that the coach named. */
  cutFixed: boolean;
  /** Top of what is missing in a recovery week; the week's own top in others. */
  missing: number;
  volumeFixed: boolean;
  longRunFixed: boolean;
  /** Parts of the long run before its segment, and in it; 0 when it has none. */
  before: number;
  carried: number;
}

/** What is over of a week, and what was run of it in shown units. */
interface PastOfBar {
  done: boolean;
  run: number | undefined;
  runTop: number | undefined;
}

/** One week as it is drawn. */
export function barOf(
  { week, block, shown }: { week: Week; block: Block; shown: ShownBlock },
  drawn: WeekDrawn,
  {
    skyline,
    ground,
    done,
    run,
    runTop,
  }: PastOfBar & { skyline: readonly WeekDrawn[]; ground: number },
): BarDrawn {
  const say = (steps: number) => formatSteps(steps, shown.measure);
  const { volume = 0, longRun = 0 } = shown.weeks[week.number - 1] ?? {};
  const volumeFixed = week.volumeRule === 'pin';
  const isCut = week.recovery || week.taperShare < 1;
  const rebuilds = isRestart(block, week.number);
  const cutFixed = week.recovery && frameStates(block.spec).recovery === 'fixed';
  const words = [
    wording.weekAndVolume(
      week.number,
      say(volume),
      unitName(shown.measure),
      volumeFixed ? wording.fixed : '',
    ),
    ...(run === undefined ? [] : [`${done ? 'run' : wording.runSoFar} ${run}`]),
    week.toGo === 0 ? wording.raceWeek : wording.longRun(say(longRun)),
    ...(week.recovery ? [wording.recoveryWeek(cutFixed ? wording.fixed : '')] : []),
    ...(rebuilds ? [wording.rebuildsFromHere] : []),
    ...(week.segment
      ? [wording.ofItAt(saySegment(shown, week.number), paceWords(week.segment))]
      : []),
  ];
  const held = block.weeks.slice(0, week.number - 1).findLast(isBase);
  const missing = week.recovery && held ? skyline[held.number - 1]?.top : undefined;
  return {
    number: week.number,
    label: words.join(', '),
    ground,
    volume: say(volume),
    longRun: longRun > 0 ? say(longRun) : '',
    done,
    runTop,
    cut: rebuilds ? wording.rebuild : isCut ? weekChange(block, week) : '',
    cutFixed,
    missing: Math.min(drawn.top, missing ?? drawn.top),
    volumeFixed,
    longRunFixed: week.longRunRule === 'pin',
    before: week.segment ? week.segment.before / week.longRun : 0,
    carried: week.segment ? week.segment.amount / week.longRun : 0,
    ...drawn,
  };
}

/** Pixels within which what was run lies on the plan’s own line. */
const SAME = 1;

/** A week's part of the outline, its long run at the foot of the column, and what it leaves out. */
export const WeekBar = memo(function WeekBar(bar: BarDrawn & { stipple: string }) {
  const { x, width, top, longTop, ground, missing, runTop } = bar;
  return (
    <g role="img" aria-label={bar.label}>
      {missing < top && (
        <rect x={x} width={width} y={missing} height={top - missing} fill={bar.stipple} />
      )}
      <rect
        x={x + width * 0.22}
        width={width * 0.56}
        y={longTop}
        height={Math.max(0, ground - longTop)}
        fill={token(bar.done ? 'long' : 'longToCome')}
      />
      {bar.carried > 0 && <SegmentMark {...bar} />}
      {runTop !== undefined && Math.abs(runTop - top) > SAME && (
        <path d={`M${x},${runTop}h${width}`} stroke={token('ink')} strokeWidth={1} />
      )}
      <path
        d={outlineOf(bar)}
        fill="none"
        stroke={token('ink')}
        strokeWidth={bar.done ? 2.75 : 1.25}
        strokeLinecap="square"
      />
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
        fillOpacity={0.45}
      />
      <path d={lines.join('')} stroke={token('ink')} strokeWidth={1} />
    </g>
  );
}
