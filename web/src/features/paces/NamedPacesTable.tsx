import type { Unit } from '@nadir/core/base';
import { formatDuration } from '@nadir/core/base/format';
import type { PacesOn } from '@nadir/core/paces';
import { useMemo } from 'react';
import { PaceBar } from '../../drawing/PaceBar.js';
import { paceScale } from '../../drawing/pace-scale.js';
import { token } from '../../theme/tokens.js';
import { Guessed } from './Guessed.js';
import { paceColumns, rangeText, speedText } from './pace-text.js';

const SCALE_WIDTH = 216;
const METRES: Readonly<Record<Unit, number>> = { km: 1000, mi: 1609.344 };

/** Every named pace of a day, in each way it is read, and drawn on one scale. */
export function NamedPacesTable({ paces, unit }: { paces: PacesOn; unit: Unit }) {
  const scale = useMemo(() => {
    const ranges = paces.rows.flatMap(({ used, goal }) => [used ?? [], goal ?? []].flat());
    return paceScale(ranges, SCALE_WIDTH, METRES[unit]);
  }, [paces, unit]);
  const goals = paces.rows.some(({ goal }) => goal !== undefined);
  return (
    <table className="paces-table">
      <caption className="visually-hidden">Named paces</caption>
      <thead>
        <tr>
          <th scope="col">Pace</th>
          {paceColumns.map(([key, title]) => (
            <th key={key} scope="col">
              {title}
            </th>
          ))}
          <th scope="col">treadmill</th>
          <th scope="col">beats</th>
          <th scope="col" style={{ width: SCALE_WIDTH }}>
            <ScaleHead ticks={scale.ticks} unit={unit} />
          </th>
        </tr>
      </thead>
      <tbody>
        {paces.rows.map(({ pace, used, goal, beats, holds, effort, talk }) => (
          <tr key={pace.id} title={[effort, talk && `Talk: ${talk}`].filter(Boolean).join(' ')}>
            <th scope="row">
              {pace.name}
              {!holds && <Guessed />}
            </th>
            {paceColumns.map(([key, , text]) => (
              <td key={key}>{rangeText(used, text)}</td>
            ))}
            <td>{speedText(used, unit)}</td>
            <td>{beats ? beats.join('–') : ''}</td>
            <td>
              <PaceBar
                scale={scale}
                width={SCALE_WIDTH}
                used={used}
                goal={goal}
                label={`${pace.name}: ${rangeText(used, paceColumns[0][2])} per km${goal ? `, goal ${rangeText(goal, paceColumns[0][2])}` : ''}`}
              />
            </td>
          </tr>
        ))}
      </tbody>
      {goals && (
        <tfoot>
          <tr>
            <td colSpan={8} style={{ color: token('muted') }}>
              Bars: as sessions use them. Open marks under them: at the goal. Quicker is to the
              right.
            </td>
          </tr>
        </tfoot>
      )}
    </table>
  );
}

function ScaleHead({
  ticks,
  unit,
}: {
  ticks: readonly { x: number; seconds: number }[];
  unit: Unit;
}) {
  return (
    <svg
      width={SCALE_WIDTH}
      height={14}
      aria-hidden="true"
      style={{ display: 'block', fontSize: 11, fill: token('muted') }}
    >
      {ticks.map(({ x, seconds }) => (
        <text
          key={seconds}
          x={x}
          y={11}
          textAnchor={x < 20 ? 'start' : x > SCALE_WIDTH - 20 ? 'end' : 'middle'}
        >
          {formatDuration(seconds)}
        </text>
      ))}
      <title>{`per ${unit}`}</title>
    </svg>
  );
}
