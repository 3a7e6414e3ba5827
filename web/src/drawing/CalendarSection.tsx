import type { CivilDate } from '@nadir/core/base';
import { addDays, unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { cutTo, type Glance } from '@nadir/core/present/figures';
import { timeToGo } from '../components/dates.js';
import { token } from '../theme/tokens.js';
import type { Calendar } from './calendar.js';
import { Halo } from './Halo.js';
import { LETTERING } from './lettering.js';
import * as wording from './wording.js';

const HEIGHT = 74;
const TOP = 22;
const GROUND = HEIGHT - 2;

/** A block on the calendar it shares with others, as high as its own peak; the race named with the time to it. */
export function CalendarSection({
  glance: { weeks, race, measure },
  calendar,
  today,
  label,
}: {
  glance: Pick<Glance, 'weeks' | 'race' | 'measure'>;
  calendar: Calendar;
  today: CivilDate;
  label: string;
}) {
  const most = Math.max(1, ...weeks.map(({ volume }) => volume));
  const y = (steps: number) => GROUND - (steps / most) * (GROUND - TOP);
  const raceX = calendar.x(race.date);
  const toGo = `${race.date > today ? 'in ' : ''}${timeToGo(today, race.date)}`;
  const words = `${race.name} ${toGo}`;
  const { letter } = LETTERING;
  const room = calendar.width - (toGo.length + 1) * letter;
  const named = `${cutTo(race.name, room, letter)} ${toGo}`.trim();
  // Up to the flag, else on from it, or from as far before it as there has to be.
  const width = named.length * letter;
  const isBefore = raceX >= width;
  const drawn = weeks.map(({ start, length, volume, longRun }) => {
    const x = calendar.x(start);
    const end = calendar.x(addDays(start, length));
    return {
      x,
      width: end - x,
      top: y(volume),
      longTop: y(longRun),
      done: addDays(start, length) <= today,
    };
  });
  const outline = drawn.map(
    ({ x, width, top }, index) => `${index === 0 ? `M${x},${GROUND}` : ''}V${top}h${width}`,
  );
  return (
    <svg
      width={calendar.width + 2}
      height={HEIGHT}
      role="img"
      aria-label={wording.weeksHeaviest({
        label,
        count: weeks.length,
        steps: formatSteps(most, measure),
        unitName: unitName(measure),
        words,
      })}
      fontSize="12.5"
      fill={token('ink')}
      display="block"
    >
      {drawn.map(({ x, width, top, done }) => (
        <rect
          key={x}
          x={x}
          y={top}
          width={width}
          height={GROUND - top}
          fill={token(done ? 'done' : 'toCome')}
          shapeRendering="crispEdges"
        />
      ))}
      {drawn.map(({ x, width, longTop, done }) => (
        <rect
          key={x}
          x={x + width * 0.22}
          y={longTop}
          width={width * 0.56}
          height={GROUND - longTop}
          fill={token(done ? 'long' : 'longToCome')}
        />
      ))}
      <path
        d={`${outline.join('')}V${GROUND}`}
        fill="none"
        stroke={token('ink')}
        strokeWidth={1.25}
      />
      <line
        x1={0}
        x2={calendar.width}
        y1={GROUND + 0.5}
        y2={GROUND + 0.5}
        stroke={token('hairline')}
      />
      {today >= calendar.from && today <= calendar.to && (
        <line
          x1={calendar.x(today)}
          x2={calendar.x(today)}
          y1={TOP - 4}
          y2={GROUND}
          stroke={token('signal')}
        />
      )}
      <path
        d={`M${raceX},${GROUND}V${TOP - 5}h-10l3,4l-3,4h10`}
        fill={token('signal')}
        stroke={token('signal')}
      />
      <Halo
        x={Math.min(raceX, isBefore ? calendar.width : calendar.width - width)}
        y={12}
        textAnchor={isBefore ? 'end' : 'start'}
      >
        {named}
      </Halo>
    </svg>
  );
}
