import Button from '@mui/material/Button';
import type { BlockFile } from '@nadir/contract';
import { type CivilDate, isCivilDate } from '@nadir/core/base';
import { choosePaceAim, takePaces } from '@nadir/core/edit/paces';
import { formatPace } from '@nadir/core/base/format';
import { defaultPaces, gapWords, guessedEasy, paceModels } from '@nadir/core/paces';
import { paceAims, paceAimWords } from '@nadir/core/spec/choices';
import { useEffect, useId, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { InEditor } from '../../editor/InEditor.js';
import { SaveLine } from '../../editor/SaveLine.js';
import { UndoRedo } from '../../editor/UndoRedo.js';
import { useCommands } from '../../editor/useCommands.js';
import { token } from '../../theme/tokens.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { useMeasure } from '../../components/useLaidBlock.js';
import { EquivalentsTable } from './EquivalentsTable.js';
import { HeartRates } from './HeartRates.js';
import { NamedPacesTable } from './NamedPacesTable.js';
import { Repacing } from './Repacing.js';
import { Results } from './Results.js';
import { type PacesView, dayInBlock, usePaces } from '../../components/usePaces.js';

/** An athlete’s results, what they say of every distance, and the paces to train at. */
export function PacesPage() {
  const { id = '' } = useParams();
  return <InEditor id={id}>{(file) => <Paces id={id} file={file} />}</InEditor>;
}

function Paces({ id, file }: { id: string; file: BlockFile }) {
  const { today, coach } = useSignedIn();
  const [asked, setAsked] = useState<CivilDate>();
  const { unit } = useMeasure(file);
  const commands = useCommands();
  const first = usePaces(file, today);
  const day = asked ?? dayInBlock(first.spec, today);
  const view = usePaces(file, day);
  const { spec, paces, gap } = view;
  const { athlete, race } = spec;
  const table = coach.paces ?? defaultPaces;
  const tableChanged = JSON.stringify(table) !== JSON.stringify(spec.paces.table);
  useEffect(() => {
    document.title = `Paces of ${athlete.name || 'a block'} · Nadir`;
  }, [athlete.name]);

  return (
    <>
      <TitleBlock title={athlete.name || 'Paces'} detail={`Paces · ${race.name}`}>
        <SaveLine />
        <UndoRedo />
        <Button component={Link} to={`/blocks/${id}/paces/card`}>
          card
        </Button>
        <Button component={Link} to="/paces">
          group
        </Button>
        <Button component={Link} to="/named-paces">
          named paces
        </Button>
      </TitleBlock>
      <div className="editor">
        <main className="paces">
          <Choices view={view} day={day} onDay={setAsked} commands={commands} />
          <Notes view={view} />
          {gap && <p className="gap">{gapWords(gap, unit)}</p>}
          {tableChanged && (
            <p className="offer">
              Your named paces have changed since this block took them.{' '}
              <Button variant="outlined" onClick={() => commands.run(takePaces({ spec }, table))}>
                Take them over
              </Button>
            </p>
          )}
          <NamedPacesTable paces={paces} unit={unit} />
          <EquivalentsTable view={view} commands={commands} />
        </main>
        <aside
          style={{ background: token('panel'), borderLeft: `1px solid ${token('hairline')}` }}
          aria-label="Results and tests"
        >
          <Repacing view={view} today={today} commands={commands} />
          <Results spec={spec} today={today} commands={commands} />
          <HeartRates spec={spec} commands={commands} />
        </aside>
      </div>
      <ConflictDialog />
    </>
  );
}

/** Which day is looked at, and whether sessions aim at today, the goal, or between. */
function Choices({
  view: { spec },
  day,
  onDay,
  commands,
}: {
  view: PacesView;
  day: CivilDate;
  onDay: (day: CivilDate) => void;
  commands: ReturnType<typeof useCommands>;
}) {
  const id = useId();
  return (
    <div className="pace-choices">
      <label htmlFor={`${id}-day`}>On</label>
      <input
        id={`${id}-day`}
        type="date"
        className="answer"
        style={{ width: 130 }}
        min={spec.start}
        max={spec.race.date}
        value={day}
        onChange={({ target }) => isCivilDate(target.value) && onDay(target.value)}
      />
      <fieldset>
        <legend className="visually-hidden">Sessions are run at</legend>
        {paceAims.map((aim) => (
          <label key={aim} title={paceAimWords[aim].why}>
            <input
              type="radio"
              name={`${id}-aim`}
              checked={spec.paces.aim === aim}
              onChange={() => commands.run(choosePaceAim({ spec }, aim))}
            />{' '}
            {paceAimWords[aim].title}
          </label>
        ))}
      </fieldset>
    </div>
  );
}

/** What the paces rest on where no result tells them. */
function withoutResult({ athlete }: PacesView['spec'], hasGoal: boolean): string {
  if (hasGoal) return 'No result of full effort yet: what is shown comes from the goal alone.';
  const easy = formatPace(guessedEasy(athlete), athlete.unit);
  return `Neither a result nor a goal yet: easy running is taken to be ${easy}, a guess by the recent weeks.`;
}

const HALF = 21_098;

/** What must be known before the paces are trusted. */
function Notes({ view: { spec, paces, rules } }: { view: PacesView }) {
  const { fitness } = paces;
  const notes = [
    ...(fitness ? [] : [withoutResult(spec, paces.used !== undefined)]),
    ...(paces.rows.some(({ holds }) => !holds)
      ? [
          'A pace with ? is a guess: what it is predicted from, or what it predicts, lies beyond where the model is known to hold.',
        ]
      : []),
    ...(fitness?.stale
      ? [
          `The paces rest on a result ${Math.floor(fitness.age)} weeks old; after ${rules.paces.staleWeeks} it tells little of today. Test, or race.`,
        ]
      : []),
    ...(fitness?.lacking
      ? [
          `${paceModels[spec.athlete.paceModel].title}: ${fitness.lacking} Until then the power law serves.`,
        ]
      : []),
    ...(fitness?.caution && spec.race.distance > HALF
      ? [
          `A marathon from shorter races comes out too fast on little running: with the heaviest week of this block the exponent from the half on is ${fitness.caution.exponent.toFixed(2)}.`,
        ]
      : []),
  ];
  return notes.map((note) => (
    <p key={note} className="pace-note">
      {note}
    </p>
  ));
}
