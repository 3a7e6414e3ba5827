import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Difference } from '@nadir/core/present/compare';
import * as wording from './wording.js';

/** What is different between two versions, figure by figure. */
export function DifferenceList({
  differences,
  before,
  after,
}: {
  differences: readonly Difference[];
  before: string;
  after: string;
}) {
  if (differences.length === 0) {
    return <p className="small muted">{wording.noFiguresDiffer}</p>;
  }
  return (
    <Table size="small">
      <TableHead>
        <TableRow>
          <TableCell scope="col">{wording.what}</TableCell>
          <TableCell scope="col">{before}</TableCell>
          <TableCell scope="col">{after}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {differences.map((each) => (
          <TableRow key={each.name}>
            <TableCell component="th" scope="row">
              {each.name}
            </TableCell>
            <TableCell>{each.before}</TableCell>
            <TableCell>{each.after}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
