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
      <table className="sheet-table">
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
            <th scope="col" className="words">
              feels like
            </th>
            <th scope="col" className="words">
              talk
            </th>
          </tr>
        </thead>
        <tbody>
          {paces.rows.map(({ pace, used, beats, holds, effort, talk }) => (
            <tr key={pace.id}>
              <th scope="row">
                {pace.name}
                {!holds && <Guessed />}
              </th>
              {paceColumns.map(([key, , text]) => (
                <td key={key}>{rangeText(used, text)}</td>
              ))}
              <td>{speedText(used, unit)}</td>
              <td>{beats ? beats.join('–') : ''}</td>
              <td className="words">{effort}</td>
              <td className="words">{talk}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        Heat, hills, wind and a bad night make every pace slower: go by effort then. Pain that
        changes your stride, chest pain or fever: stop, tell your coach, and see a doctor or
        physiotherapist.
      </p>
    </PrintPage>
  );
}
