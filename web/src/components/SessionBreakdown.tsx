import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Unit } from '@nadir/core/base';
import { formatDuration, formatPace, formatPercent, formatTenthsOf } from '@nadir/core/base/format';
import {
  type LaidSession,
  laySession,
  readSession,
  type SessionPaces,
  showSession,
} from '@nadir/core/sessions';
import { useMemo } from 'react';
import { SessionLines } from '../drawing/SessionLines.js';
import styles from './SessionBreakdown.module.css';
import { useElementSize } from './useElementSize.js';
import * as wording from './wording.js';

/** What a session is in its stretches: drawn to scale, its totals, and each piece. */
export function SessionBreakdown({
  text,
  paces,
  unit,
  width,
}: {
  text: string;
  paces: SessionPaces;
  unit: Unit;
  /** Pixels, at most: as wide as its place where that is less. */
  width: number;
}) {
  const [ref, place] = useElementSize<HTMLDivElement>();
  const laid = useMemo(() => {
    const read = readSession(text);
    if (!read.ok) return undefined;
    const [least, most] = (['least', 'most'] as const).map((take) =>
      showSession(laySession(read.session, paces, take)),
    );
    return least && most && { least, most };
  }, [text, paces]);
  return (
    <div ref={ref}>
      {laid && (
        <>
          <SessionLines text={text} paces={paces} width={Math.min(width, place.width || width)} />
          <Totals least={laid.least} most={laid.most} unit={unit} />
          <Pieces session={laid.most} unit={unit} />
          {paces.guessed && <p className={styles.guess}>{wording.workedOutAtAGuess}</p>}
        </>
      )}
    </div>
  );
}

/** What a session comes to; a range of repetitions gives a range. */
function Totals({ least, most, unit }: { least: LaidSession; most: LaidSession; unit: Unit }) {
  const range = (of: (session: LaidSession) => string) =>
    of(least) === of(most) ? of(most) : `${of(least)}–${of(most)}`;
  const say = (metres: number) => formatTenthsOf(metres, unit);
  const rows = [
    [wording.inAll, `${range(({ distance }) => say(distance))} ${unit}`],
    [wording.time, range(({ time }) => formatDuration(time))],
    [wording.hard, `${range(({ hardDistance }) => say(hardDistance))} ${unit}`],
    [wording.hardTime, range(({ hardTime }) => formatDuration(hardTime))],
    [
      wording.hardShare,
      range(({ distance, hardDistance }) =>
        formatPercent(distance > 0 ? hardDistance / distance : 0),
      ),
    ],
  ] as const;
  return (
    <dl className={styles.totals} aria-live="polite">
      {rows.map(([name, figure]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{figure}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Each kind of piece once, with how often it comes and what it takes; nothing where there is but one. */
function Pieces({ session: { stretches }, unit }: { session: LaidSession; unit: Unit }) {
  const kinds = [...new Set(stretches.map(({ words }) => words))];
  if (kinds.length < 2) return null;
  return (
    <Table size="small" className="figures">
      <TableHead>
        <TableRow>
          <TableCell>{wording.piece}</TableCell>
          <TableCell>{wording.times}</TableCell>
          <TableCell>{wording.each}</TableCell>
          <TableCell>{wording.pace}</TableCell>
          <TableCell>{wording.metres}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {kinds.map((words) => {
          const alike = stretches.filter((each) => each.words === words);
          const [one] = alike;
          if (!one) return null;
          return (
            <TableRow key={words}>
              <TableCell component="th" scope="row">
                {words}
              </TableCell>
              <TableCell>{alike.length}</TableCell>
              <TableCell>{formatDuration(one.time)}</TableCell>
              <TableCell>
                {one.pace === undefined ? wording.rest : formatPace(one.pace, unit)}
              </TableCell>
              <TableCell>{Math.round(one.distance)}</TableCell>
            </TableRow>
          );
        })}
      </TableBody>
    </Table>
  );
}
