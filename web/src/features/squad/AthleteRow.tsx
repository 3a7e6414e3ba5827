import type { Squad } from '@nadir/contract';
import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { memo } from 'react';
import { Link } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { weekOf } from '../../drawing/days.js';
import { token } from '../../look/tokens.js';
import { LevelMark } from '../../parts/LevelMark.js';
import { formatDay, timeToGo } from '../../parts/dates.js';
import { useLaidBlock } from '../../parts/useLaidBlock.js';
import { SmallSection } from '../../drawing/SmallSection.js';

type Athlete = Squad['athletes'][number];

/** One athlete's row; without a block it offers to lay one out. */
export const AthleteRow = memo(function AthleteRow({ athlete }: { athlete: Athlete }) {
  if (athlete.block) return <RowWithBlock name={athlete.facts.name} block={athlete.block} />;
  return (
    <tr>
      <th scope="row" style={{ fontSize: 15 }}>
        {athlete.facts.name}
      </th>
      <td colSpan={6}>
        No block yet. <Link to={`/blocks/new?athlete=${athlete.id}`}>Lay one out</Link>
      </td>
    </tr>
  );
});

function RowWithBlock({
  name,
  block: stored,
}: {
  name: string;
  block: NonNullable<Athlete['block']>;
}) {
  const { today } = useSignedIn();
  const { block, shown } = useLaidBlock(stored.wishes);
  const { race } = block.spec;
  const number = weekOf(block.weeks, today);
  const phase = block.phases.find(
    ({ firstWeek, weeks }) => number !== undefined && number < firstWeek + weeks,
  );
  const worst = block.findings.find(({ waived, past }) => waived === undefined && !past);
  const week = number === undefined ? undefined : shown.weeks[number - 1];
  return (
    <tr>
      <th scope="row">
        <Link
          to={`/blocks/${stored.id}`}
          className="display"
          style={{ fontSize: 17, textDecorationThickness: 1, textUnderlineOffset: 3 }}
        >
          {name}
        </Link>
      </th>
      <td>
        {race.name}
        <div style={{ color: token('muted'), fontSize: 12.5 }}>{formatDay(race.date)}</div>
      </td>
      <td>{timeToGo(today, race.date)}</td>
      <td>
        {phase?.name ?? (today < block.spec.start ? 'not begun' : 'over')}
        <div style={{ color: token('muted'), fontSize: 12.5 }}>
          {number !== undefined &&
            `week ${number} of ${block.weeks.length}${block.weeks[number - 1]?.recovery ? ', recovery' : ''}`}
        </div>
      </td>
      <td className="number" style={{ whiteSpace: 'nowrap' }}>
        {week ? (
          <>
            <b style={{ fontSize: 16 }}>{formatSteps(week.volume, shown.measure)}</b>{' '}
            {unitName(shown.measure)}
          </>
        ) : (
          '–'
        )}
      </td>
      <td>
        <SmallSection block={block} shown={shown} today={today} label={`Block of ${name}`} />
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
