import Tooltip from '@mui/material/Tooltip';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableFooter from '@mui/material/TableFooter';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Unit } from '@nadir/core/base';
import { formatDuration } from '@nadir/core/base/format';
import type { PacesOn } from '@nadir/core/paces';
import { useMemo } from 'react';
import { PaceBar } from '../../drawing/PaceBar.js';
import { paceScale } from '../../drawing/pace-scale.js';
import { token } from '../../theme/tokens.js';
import { Guessed } from './Guessed.js';
import styles from './Paces.module.css';
import { paceColumns, rangeText, speedText } from './pace-text.js';
import * as wording from './wording.js';

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
    <Table aria-label={wording.namedPaces} size="small" className={`figures ${styles.table ?? ''}`}>
      <caption className="visually-hidden">{wording.namedPaces}</caption>
      <TableHead>
        <TableRow>
          <TableCell scope="col">{wording.pace}</TableCell>
          {paceColumns.map(([key, title]) => (
            <TableCell key={key} scope="col">
              {title}
            </TableCell>
          ))}
          <TableCell scope="col">{wording.treadmill}</TableCell>
          <TableCell scope="col">{wording.beats}</TableCell>
          <TableCell scope="col" style={{ width: SCALE_WIDTH }}>
            <span className="visually-hidden">{wording.onOneScale}</span>
            <ScaleHead ticks={scale.ticks} unit={unit} />
          </TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {paces.rows.map(({ pace, used, goal, beats, holds, effort, talk }) => (
          <TableRow key={pace.id}>
            <TableCell component="th" scope="row">
              <Tooltip
                describeChild
                title={[effort, talk && wording.talk2(talk)].filter(Boolean).join(' ')}
              >
                <span>{pace.name}</span>
              </Tooltip>
              {!holds && <Guessed />}
            </TableCell>
            {paceColumns.map(([key, , text]) => (
              <TableCell key={key}>{rangeText(used, text)}</TableCell>
            ))}
            <TableCell>{speedText(used, unit)}</TableCell>
            <TableCell>{beats ? beats.join('–') : ''}</TableCell>
            <TableCell>
              <PaceBar
                scale={scale}
                width={SCALE_WIDTH}
                used={used}
                goal={goal}
                label={wording.perKm(
                  pace.name,
                  rangeText(used, paceColumns[0][2]),
                  goal ? wording.goalWithin(rangeText(goal, paceColumns[0][2])) : '',
                )}
              />
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
      {goals && (
        <TableFooter>
          <TableRow>
            <TableCell colSpan={8} className="muted">
              {wording.barsAsSessionsUseThemOpenMarks}
            </TableCell>
          </TableRow>
        </TableFooter>
      )}
    </Table>
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
      <title>{wording.per(unit)}</title>
    </svg>
  );
}
