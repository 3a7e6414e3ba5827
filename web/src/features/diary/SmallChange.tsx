import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { useSignedIn } from '../../api/session.js';
import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import {
  drawSkyline,
  heaviest,
  scaleEnd,
  stepOutline,
  volumeScale,
} from '../../drawing/skyline.js';
import { token } from '../../theme/tokens.js';
import * as wording from './wording.js';

const SIZE = { width: 284, height: 44 };

/** The weeks to come as they would become, over a dotted line of what they are. */
export function SmallChange({ before, after }: { before: LaidAndShown; after: LaidAndShown }) {
  const { today } = useSignedIn();
  const { weeks } = after.shown;
  const columns = { width: SIZE.width, labels: 0, weeks: weeks.length };
  const most = Math.max(heaviest(after.shown), heaviest(before.shown));
  const scale = volumeScale(scaleEnd(most), { top: 3, ground: SIZE.height - 1 });
  const drawn = drawSkyline(after.shown, columns, scale);
  const xOf = (index: number) => (SIZE.width * index) / weeks.length;
  const moved = after.block.weeks.flatMap(({ number }, index) => {
    const [was, is] = [before.shown.weeks[index]?.volume, weeks[index]?.volume];
    return was === is || is === undefined
      ? []
      : [wording.week4(number, formatSteps(is, after.shown.measure))];
  });
  const words = moved.length === 0 ? wording.noWeeksVolumeChanges : moved.join(', ');
  return (
    <svg
      {...SIZE}
      role="img"
      aria-label={wording.weeksAsTheyWouldBecome(unitName(after.shown.measure), words)}
    >
      {drawn.map(({ x, width, top }, index) => (
        <rect
          key={x}
          {...{ x, width }}
          y={top}
          height={SIZE.height - 1 - top}
          fill={token((after.block.weeks[index]?.start ?? '') < today ? 'done' : 'toCome')}
          shapeRendering="crispEdges"
        />
      ))}
      <path
        d={stepOutline(
          weeks.map(({ volume }) => volume),
          xOf,
          scale.yOf,
        )}
        fill="none"
        stroke={token('ink')}
        strokeWidth={1.5}
      />
      <path
        d={stepOutline(
          before.shown.weeks.map(({ volume }) => volume),
          xOf,
          scale.yOf,
        )}
        fill="none"
        stroke={token('muted')}
        strokeDasharray="2 3"
      />
      <path d={`M0,${SIZE.height - 0.5}H${SIZE.width}`} stroke={token('ink')} />
    </svg>
  );
}
