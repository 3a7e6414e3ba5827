import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { BlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { choosePaceAim, takePaces } from '@nadir/core/edit/paces';
import { formatPace } from '@nadir/core/base/format';
import { defaultPaces, gapWords, guessedEasy, paceModels } from '@nadir/core/paces';
import { paceAims, paceAimWords } from '@nadir/core/spec/choices';
import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useCoaching } from '../../api/coaching.js';
import { useSignedIn } from '../../api/session.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { InEditor } from '../../editor/InEditor.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import { useCommands } from '../../editor/useCommands.js';
import { ActMenu } from '../../components/ActMenu.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { openEverywhere } from '../../components/open-everywhere.js';
import { useMeasure } from '../../components/useLaidBlock.js';
import { EquivalentsTable } from './EquivalentsTable.js';
import { HeartRates } from './HeartRates.js';
import { NamedPacesTable } from './NamedPacesTable.js';
import styles from './Paces.module.css';
import { Repacing } from './Repacing.js';
import { Results } from './Results.js';
import { type PacesView, dayInBlock, usePaces } from '../../components/usePaces.js';

/** An athlete’s results, what they say of every distance, and the paces to train at. */
export function PacesPage() {
  const { id = '' } = useParams();
  return <InEditor id={id}>{(file) => <Paces id={id} file={file} />}</InEditor>;
}

function Paces({ id, file }: { id: string; file: BlockFile }) {
  const { today } = useSignedIn();
  const coaching = useCoaching();
  const [asked, setAsked] = useState<CivilDate>();
  const { unit } = useMeasure(file);
  const commands = useCommands();
  const first = usePaces(file, today);
  const day = asked ?? dayInBlock(first.spec, today);
  const view = usePaces(file, day);
  const { spec, paces, gap } = view;
  const { athlete } = spec;
  const navigate = useNavigate();
  const table = coaching.paces ?? defaultPaces;
  const tableChanged = JSON.stringify(table) !== JSON.stringify(spec.paces.table);
  useEffect(() => {
    document.title = `Paces of ${athlete.name || 'a block'} · Nadir`;
  }, [athlete.name]);

  return (
    <>
      <OpenBlockTitle spec={spec} view="Paces">
        <ActMenu
          label="Cards & tables"
          groups={[
            {
              acts: [
                { label: 'Pace card', run: () => void navigate(`/blocks/${id}/paces/card`) },
                { label: 'Pace card of the group', run: () => void navigate('/paces') },
                { label: 'Named paces', run: () => void navigate('/named-paces') },
                { label: 'Splits and repetitions', run: () => openEverywhere('splits') },
              ],
            },
          ]}
        />
      </OpenBlockTitle>
      <div className={styles.editor}>
        <main className={styles.main}>
          <Choices view={view} day={day} onDay={setAsked} commands={commands} />
          <Notes view={view} />
          {gap && <p>{gapWords(gap, unit)}</p>}
          {tableChanged && (
            <p className={styles.offer}>
              Your named paces have changed since this block took them over.{' '}
              <Button variant="outlined" onClick={() => commands.run(takePaces({ spec }, table))}>
                Use the new ones
              </Button>
            </p>
          )}
          <NamedPacesTable paces={paces} unit={unit} />
          <EquivalentsTable view={view} commands={commands} />
        </main>
        <aside className={styles.aside} aria-label="Results and tests">
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
  return (
    <div className={styles.choices}>
      <DateAnswer
        label="Paces on"
        value={day}
        latest={spec.race.date}
        onAnswer={(date) => {
          if (date >= spec.start && date <= spec.race.date) onDay(date);
        }}
      />
      <ToggleButtonGroup
        exclusive
        aria-label="Sessions are run at"
        value={spec.paces.aim}
        onChange={(_, aim: (typeof paceAims)[number] | null) =>
          aim && commands.run(choosePaceAim({ spec }, aim))
        }
      >
        {paceAims.map((aim) => (
          <ToggleButton key={aim} value={aim}>
            {paceAimWords[aim].title}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <span className="small muted">{paceAimWords[spec.paces.aim].why}</span>
    </div>
  );
}

/** What the paces rest on where no result tells them. */
function withoutResult({ athlete }: PacesView['spec'], hasGoal: boolean): string {
  if (hasGoal) return 'No result of full effort yet: what is shown comes from the goal alone.';
  const easy = formatPace(guessedEasy(athlete), athlete.unit);
  return `No result and no goal yet: ${easy} for easy running is a guess from recent weeks.`;
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
    <p key={note} className="small grave">
      {note}
    </p>
  ));
}
