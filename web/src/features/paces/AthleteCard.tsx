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
import * as wording from './wording.js';

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
    <PrintPage title={wording.paceCard(athlete.name || 'athlete')} detail={wording.asItIsPrinted}>
      <h2 className="display">{athlete.name}</h2>
      <p>
        {race.name}, {formatDay(race.date)}
        {race.goalTime !== undefined && wording.goal(formatDuration(race.goalTime))}
        {wording.pacesOf(formatDay(day), paceAimWords[spec.paces.aim].title.toLowerCase())}
        {newest &&
          wording.fromInOn(
            formatRace(newest.distance, unit),
            formatDuration(newest.time),
            formatDay(newest.date),
          )}
      </p>
      <Table size="small" className={`figures ${styles.card ?? ''}`}>
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
            <TableCell scope="col">{wording.feelsLike}</TableCell>
            <TableCell scope="col">{wording.talk}</TableCell>
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
      <p>{wording.heatHillsWindAndABadNight}</p>
    </PrintPage>
  );
}
