import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Measure } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import { doneWords } from '@nadir/core/present/review';
import type { Match } from '@nadir/core/record/activities';
import { Tick } from '../../components/Tick.js';

/** Rows that are drawn; those beyond are taken all the same. */
const MOST_DRAWN = 40;

const STATES: Readonly<Record<Match['state'], string>> = {
  new: 'new',
  fills: 'fills what was typed',
  known: 'known already',
  refused: 'not taken',
};

/** What was read, run by run, and what becomes of each. */
export function MatchTable({
  matches,
  measure,
  left,
  onLeave,
}: {
  matches: readonly Match[];
  measure: Measure;
  /** Places of those that are left out. */
  left: ReadonlySet<number>;
  onLeave: (index: number) => void;
}) {
  return (
    <>
      <Table size="small">
        <TableHead>
          <TableRow>
            <TableCell>Take</TableCell>
            <TableCell>Day</TableCell>
            <TableCell>Start</TableCell>
            <TableCell>Done</TableCell>
            <TableCell>Repetitions or splits</TableCell>
            <TableCell>Status</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {matches.slice(0, MOST_DRAWN).map((match, index) => {
            const { activity } = match;
            const words = doneWords({ entries: [{ place: 0, ...activity }] }, measure)[0];
            return (
              <TableRow key={index}>
                <TableCell>
                  {'entry' in match && (
                    <Tick
                      label=""
                      name={`Take ${dayWords(activity.date)}, ${words ?? ''}`}
                      checked={!left.has(index)}
                      onAnswer={() => onLeave(index)}
                    />
                  )}
                </TableCell>
                <TableCell>{dayWords(activity.date)}</TableCell>
                <TableCell>{activity.start}</TableCell>
                <TableCell>{words}</TableCell>
                <TableCell>{activity.reps ? `${activity.reps.length} times` : ''}</TableCell>
                <TableCell>
                  {STATES[match.state]}
                  {match.state === 'refused' && `: ${match.why}`}
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
      {matches.length > MOST_DRAWN && (
        <p className="muted">And {matches.length - MOST_DRAWN} more, taken like these.</p>
      )}
    </>
  );
}
