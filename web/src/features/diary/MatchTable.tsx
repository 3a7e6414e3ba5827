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
import * as wording from './wording.js';

/** Rows that are drawn; those beyond are taken all the same. */
const MOST_DRAWN = 40;

const STATES: Readonly<Record<Match['state'], string>> = {
  new: 'new',
  fills: wording.fillsWhatWasTyped,
  known: wording.knownAlready,
  refused: wording.notTakenWithin,
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
            <TableCell>{wording.take}</TableCell>
            <TableCell>{wording.day}</TableCell>
            <TableCell>{wording.start}</TableCell>
            <TableCell>{wording.done}</TableCell>
            <TableCell>{wording.repetitionsOrSplits}</TableCell>
            <TableCell>{wording.status}</TableCell>
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
                <TableCell>{activity.reps ? wording.times(activity.reps.length) : ''}</TableCell>
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
        <p className="muted">{wording.andMoreTakenLikeThese(matches.length - MOST_DRAWN)}</p>
      )}
    </>
  );
}
