import type { Glances } from '@nadir/contract';
import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { memo } from 'react';
import { Link } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { weekOf } from '../../drawing/days.js';
import { token } from '../../theme/tokens.js';
import { LevelMark } from '../../components/LevelMark.js';
import { formatDay, timeToGo } from '../../components/dates.js';
import { SmallSection } from '../../drawing/SmallSection.js';

type Athlete = Glances['athletes'][number];

/** One athlete's row; without a block it offers to lay one out. */
export const AthleteRow = memo(function AthleteRow({ athlete }: { athlete: Athlete }) {
  if (athlete.block) {
    return <RowWithBlock id={athlete.id} name={athlete.name} block={athlete.block} />;
  }
  return (
    <tr>
      <th scope="row" style={{ fontSize: 15 }}>
        <Link to={`/athletes/${athlete.id}`}>{athlete.name}</Link>
      </th>
      <td colSpan={6}>
        No block yet. <Link to={`/blocks/new?athlete=${athlete.id}`}>Lay one out</Link>
      </td>
    </tr>
  );
});

function RowWithBlock({
  id: athleteId,
  name,
  block: { id, glance },
}: {
  id: string;
  name: string;
  block: NonNullable<Athlete['block']>;
}) {
  const { today } = useSignedIn();
  const { race, weeks, phases, worst, measure, start } = glance;
  const number = weekOf(weeks, today);
  const week = number === undefined ? undefined : weeks[number - 1];
  const phase = phases.find(
    ({ firstWeek, weeks: length }) => number !== undefined && number < firstWeek + length,
  );
  return (
    <tr>
      <th scope="row">
        <Link
          to={`/blocks/${id}`}
          className="display"
          style={{ fontSize: 17, textDecorationThickness: 1, textUnderlineOffset: 3 }}
        >
          {name}
        </Link>
        <div className="to-record">
          <Link to={`/athletes/${athleteId}`} aria-label={`Record of ${name}`}>
            Record
          </Link>
        </div>
      </th>
      <td>
        {race.name}
        <div style={{ color: token('muted'), fontSize: 12.5 }}>{formatDay(race.date)}</div>
      </td>
      <td>{timeToGo(today, race.date)}</td>
      <td>
        {phase?.name ?? (today < start ? 'not begun' : 'over')}
        <div style={{ color: token('muted'), fontSize: 12.5 }}>
          {number !== undefined &&
            `week ${number} of ${weeks.length}${week?.recovery ? ', recovery' : ''}`}
        </div>
      </td>
      <td className="number" style={{ whiteSpace: 'nowrap' }}>
        {week ? (
          <>
            <b style={{ fontSize: 16 }}>{formatSteps(week.volume, measure)}</b> {unitName(measure)}
          </>
        ) : (
          '–'
        )}
      </td>
      <td>
        <SmallSection glance={glance} today={today} label={`Block of ${name}`} />
      </td>
      <td>
        {worst ? (
          <span style={{ display: 'inline-flex', gap: 6, alignItems: 'flex-start' }}>
            <LevelMark level={worst.level} />
            <span>
              {worst.title} <span style={{ color: token('muted') }}>({worst.level})</span>
            </span>
          </span>
        ) : (
          <span style={{ color: token('muted') }}>nothing found</span>
        )}
      </td>
    </tr>
  );
}
