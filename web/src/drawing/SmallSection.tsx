import { type CivilDate, unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import type { Glance } from '@nadir/core/present/figures';
import { dayIndex, dayX, weeksDone } from './days.js';
import { drawSkyline, heaviest, outlineOf, scaleEnd, volumeScale } from './skyline.js';
import { token } from '../theme/tokens.js';
import * as wording from './wording.js';

const HEIGHT = 38;

/** The skyline of a block, small. */
export function SmallSection({
  glance,
  today,
  label,
  width: WIDTH = 190,
}: {
  glance: Pick<Glance, 'weeks' | 'measure'>;
  today: CivilDate;
  label: string;
  width?: number;
}) {
  const columns = { width: WIDTH, labels: 0, weeks: glance.weeks.length };
  const doneWeeks = weeksDone(glance.weeks, today);
  const most = heaviest(glance);
  const scale = volumeScale(scaleEnd(most), { top: 3, ground: HEIGHT - 1 });
  const weeks = drawSkyline(glance, columns, scale);
  const index = dayIndex(glance.weeks, today);
  const summary = wording.weeksHeaviest2(
    label,
    glance.weeks.length,
    formatSteps(most, glance.measure),
    unitName(glance.measure),
  );
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label={summary} style={{ display: 'block' }}>
      {weeks.map(({ x, width, top }, place) => (
        <rect
          key={x}
          x={x}
          width={width}
          y={top}
          height={HEIGHT - 1 - top}
          fill={token(place < doneWeeks ? 'done' : 'toCome')}
          shapeRendering="crispEdges"
        />
      ))}
      {weeks.map(({ x, width, longTop }, place) => (
        <rect
          key={x}
          x={x + width * 0.2}
          width={width * 0.6}
          y={longTop}
          height={HEIGHT - 1 - longTop}
          fill={token(place < doneWeeks ? 'long' : 'longToCome')}
        />
      ))}
      {glance.weeks.map(({ number, segment }) => {
        const bar = weeks[number - 1];
        if (!segment || !bar) return null;
        const height = HEIGHT - 1 - bar.longTop;
        return (
          <rect
            key={number}
            x={bar.x + bar.width * 0.2}
            width={bar.width * 0.6}
            y={HEIGHT - 1 - height * segment.to}
            height={height * (segment.to - segment.from)}
            fill={token('ink')}
          />
        );
      })}
      <path
        d={weeks.map(outlineOf).join('')}
        fill="none"
        stroke={token('ink')}
        strokeWidth={1.25}
        strokeLinecap="square"
      />
      {index !== undefined && (
        <line
          x1={dayX(glance.weeks, columns, index)}
          x2={dayX(glance.weeks, columns, index)}
          y1={0}
          y2={HEIGHT}
          stroke={token('signal')}
          strokeWidth={1.25}
        />
      )}
      <line x1={0} x2={WIDTH} y1={HEIGHT - 0.5} y2={HEIGHT - 0.5} stroke={token('ink')} />
    </svg>
  );
}
