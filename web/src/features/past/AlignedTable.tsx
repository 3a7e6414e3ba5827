import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { type Measure, unitName } from '@nadir/core/base';
import type { Week } from '@nadir/core/layout/block';
import { alignWeeks } from '@nadir/core/present/compare';
import { weekFigure } from '@nadir/core/present/figures';
import { Fragment } from 'react';
import { type OverlayBlock, overlayLines } from '../../drawing/Overlay.js';
import styles from './Past.module.css';
import { RunRow } from './RunRow.js';
import * as wording from './wording.js';

const FIELDS = [
  ['volume', wording.volume],
  ['longRun', wording.longRun],
] as const;

/** A figure of three digits, px: narrower drawings let the table go on to the side. */
const LEAST_COLUMN = 30;

/** Blocks week for week, each figure under its column of the drawing. */
export function AlignedTable({
  laid,
  athletes,
  athleteIds,
  measure,
  labels,
  width,
}: {
  laid: readonly OverlayBlock[];
  /** Whose they are, in the same order. */
  athletes: readonly string[];
  athleteIds: readonly string[];
  measure: Measure;
  /** Width of the heads of the rows, px. */
  labels: number;
  /** Of the drawing, px. */
  width: number;
}) {
  const aligned = alignWeeks(laid.map(({ block }) => block));
  const say = (place: number, week: Week | undefined, field: 'volume' | 'longRun') => {
    const of = laid[place];
    return of && week ? weekFigure(of, week.number - 1, field) : '';
  };
  return (
    <div className={styles.scroll}>
      <Table
        size="small"
        className={`figures ${styles.aligned ?? ''}`}
        style={{ width: Math.max(width, labels + LEAST_COLUMN * aligned.length) }}
      >
        <colgroup>
          <col style={{ width: labels }} />
        </colgroup>
        <TableHead>
          <TableRow>
            <TableCell scope="col">{wording.weeksToGo}</TableCell>
            {aligned.map(({ toGo }) => (
              <TableCell key={toGo} scope="col">
                {toGo}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {FIELDS.map(([field, title]) => (
            <Fragment key={field}>
              <TableRow>
                <TableCell component="th" scope="rowgroup" colSpan={aligned.length + 1}>
                  {title}, {unitName(measure)}
                </TableCell>
              </TableRow>
              {laid.map(({ name }, place) => (
                <TableRow key={place}>
                  <TableCell component="th" scope="row" aria-label={wording.titleOf(title, name)}>
                    <Line dashes={overlayLines[place - 1]?.outline} /> {athletes[place]}
                  </TableCell>
                  {aligned.map(({ toGo, weeks }) => (
                    <TableCell key={toGo}>{say(place, weeks[place], field)}</TableCell>
                  ))}
                </TableRow>
              ))}
            </Fragment>
          ))}
          <TableRow>
            <TableCell component="th" scope="rowgroup" colSpan={aligned.length + 1}>
              {wording.run(unitName(measure))}
            </TableCell>
          </TableRow>
          {laid.map((each, place) => (
            <RunRow
              key={place}
              athleteId={athleteIds[place] ?? ''}
              laid={each}
              weeks={aligned.map(({ weeks }) => weeks[place]?.number)}
              head={
                <TableCell component="th" scope="row" aria-label={wording.runOf(each.name)}>
                  <Line dashes={overlayLines[place - 1]?.outline} /> {athletes[place]}
                </TableCell>
              }
            />
          ))}
        </TableBody>
      </Table>
    </div>
  );
}

/** The line that a block is drawn by. */
function Line({ dashes }: { dashes: string | undefined }) {
  return (
    <svg width={24} height={8} aria-hidden="true">
      <line x1={0} x2={24} y1={4} y2={4} stroke="currentColor" strokeDasharray={dashes} />
    </svg>
  );
}
