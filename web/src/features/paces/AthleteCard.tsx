import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { BlockFile } from '@nadir/contract';
import { formatDuration, formatRace } from '@nadir/core/base/format';
import { paceAimWords } from '@nadir/core/spec/choices';
import { useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { InEditor } from '../../editor/InEditor.js';
import { formatDay } from '../../components/dates.js';
import { useMeasure } from '../../components/useLaidBlock.js';
import { Guessed } from './Guessed.js';
import { paceColumns, rangeText, speedText } from './pace-text.js';
import styles from './Paces.module.css';
import { PrintPage } from './PrintPage.js';
import { dayInBlock, usePaces } from '../../components/usePaces.js';

/** One athlete’s paces on a sheet of paper. */
export function AthleteCardPage() {
  const { id = '' } = useParams();
  return <InEditor id={id}>{(file) => <AthleteCard file={file} />}</InEditor>;
}

function AthleteCard({ file }: { file: BlockFile }) {
  const { today } = useSignedIn();
  const { unit } = useMeasure(file);
  const first = usePaces(file, today);
  const day = dayInBlock(first.spec, today);
  const { spec, paces } = usePaces(file, day);
  const { athlete, race } = spec;
  const newest = paces.fitness?.efforts[0];
  return (
    <PrintPage title={`Pace card, ${athlete.name || 'athlete'}`} detail="As it is printed.">
      <h2 className="display">{athlete.name}</h2>
      <p>
        {race.name}, {formatDay(race.date)}
        {race.goalTime !== undefined && ` · goal ${formatDuration(race.goalTime)}`} · paces of{' '}
        {formatDay(day)}: {paceAimWords[spec.paces.aim].title.toLowerCase()}
        {newest &&
          `, from ${formatRace(newest.distance, unit)} in ${formatDuration(newest.time)} on ${formatDay(newest.date)}`}
      </p>
      <Table size="small" className={`figures ${styles.card ?? ''}`}>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Pace</TableCell>
            {paceColumns.map(([key, title]) => (
              <TableCell key={key} scope="col">
                {title}
              </TableCell>
            ))}
            <TableCell scope="col">Treadmill</TableCell>
            <TableCell scope="col">Beats</TableCell>
            <TableCell scope="col">Feels like</TableCell>
            <TableCell scope="col">Talk</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {paces.rows.map(({ pace, used, beats, holds, effort, talk }) => (
            <TableRow key={pace.id}>
              <TableCell component="th" scope="row">
                {pace.name}
                {!holds && <Guessed />}
              </TableCell>
              {paceColumns.map(([key, , text]) => (
                <TableCell key={key}>{rangeText(used, text)}</TableCell>
              ))}
              <TableCell>{speedText(used, unit)}</TableCell>
              <TableCell>{beats ? beats.join('–') : ''}</TableCell>
              <TableCell>{effort}</TableCell>
              <TableCell>{talk}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <p>
        Heat, hills, wind and a bad night make every pace slower: go by effort then. Pain that
        changes your stride, chest pain or fever: stop, tell your coach, and see a doctor or
        physiotherapist.
      </p>
    </PrintPage>
  );
}
