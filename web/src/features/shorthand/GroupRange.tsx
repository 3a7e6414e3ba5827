import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Unit } from '@nadir/core/base';
import { formatDuration, formatTenthsOf } from '@nadir/core/base/format';
import { laySession, readSession, type SessionPaces, showSession } from '@nadir/core/sessions';
import * as wording from './wording.js';

interface Runner {
  id: string;
  name: string;
  paces: SessionPaces;
}

/** What one session is for each of a group, and the range from the least to the most. */
export function GroupRange({
  text,
  runners,
  unit,
}: {
  text: string;
  runners: readonly Runner[];
  unit: Unit;
}) {
  const read = readSession(text);
  if (!read.ok) return null;
  const rows = runners.map(({ id, name, paces }) => ({
    id,
    name,
    laid: showSession(laySession(read.session, paces)),
  }));
  const range = (of: (row: (typeof rows)[number]) => number, words: (value: number) => string) => {
    const all = rows.map(of);
    const [least, most] = [words(Math.min(...all)), words(Math.max(...all))];
    return least === most ? most : `${least}–${most}`;
  };
  const say = (metres: number) => formatTenthsOf(metres, unit);
  return (
    <Table size="small" className="figures">
      <TableHead>
        <TableRow>
          <TableCell scope="col">{wording.athlete}</TableCell>
          <TableCell scope="col">{unit}</TableCell>
          <TableCell scope="col">{wording.time}</TableCell>
          <TableCell scope="col">{wording.hard(unit)}</TableCell>
          <TableCell scope="col">{wording.hardTime}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {rows.map(({ id, name, laid }) => (
          <TableRow key={id}>
            <TableCell component="th" scope="row">
              {name}
            </TableCell>
            <TableCell>{say(laid.distance)}</TableCell>
            <TableCell>{formatDuration(laid.time)}</TableCell>
            <TableCell>{say(laid.hardDistance)}</TableCell>
            <TableCell>{formatDuration(laid.hardTime)}</TableCell>
          </TableRow>
        ))}
        <TableRow>
          <TableCell component="th" scope="row">
            {wording.theGroup}
          </TableCell>
          <TableCell>{range(({ laid }) => laid.distance, say)}</TableCell>
          <TableCell>{range(({ laid }) => laid.time, formatDuration)}</TableCell>
          <TableCell>{range(({ laid }) => laid.hardDistance, say)}</TableCell>
          <TableCell>{range(({ laid }) => laid.hardTime, formatDuration)}</TableCell>
        </TableRow>
      </TableBody>
    </Table>
  );
}
