import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { BlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { choosePaceAim, takePaces } from '@nadir/core/edit/paces';
import { formatPace, weeksText } from '@nadir/core/base/format';
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
import * as wording from './wording.js';

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
    document.title = wording.pacesOfNadir(athlete.name || wording.aBlock);
  }, [athlete.name]);

  return (
    <>
      <OpenBlockTitle spec={spec} view={wording.paces}>
        <ActMenu
          label={wording.cardsTables}
          groups={[
            {
              acts: [
                { label: wording.paceCard2, run: () => void navigate(`/blocks/${id}/paces/card`) },
                { label: wording.paceCardOfTheGroup, run: () => void navigate('/paces') },
                { label: wording.namedPaces, run: () => void navigate('/named-paces') },
                { label: wording.splitsAndRepetitions, run: () => openEverywhere('splits') },
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
              {wording.yourNamedPacesHaveChangedSince}
              <Button variant="outlined" onClick={() => commands.run(takePaces({ spec }, table))}>
                {wording.useTheNewOnes}
              </Button>
            </p>
          )}
          <NamedPacesTable paces={paces} unit={unit} />
          <EquivalentsTable view={view} commands={commands} />
        </main>
        <aside className={styles.aside} aria-label={wording.resultsAndTests}>
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
        label={wording.pacesOn}
        value={day}
        latest={spec.race.date}
        onAnswer={(date) => {
          if (date >= spec.start && date <= spec.race.date) onDay(date);
        }}
      />
      <ToggleButtonGroup
        exclusive
        aria-label={wording.sessionsAreRunAt}
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
  if (hasGoal) return wording.noResultOfFullEffortYet;
  const easy = formatPace(guessedEasy(athlete), athlete.unit);
  return wording.noResultAndNoGoalYet(easy);
}

const HALF = 21_098;

/** What must be known before the paces are trusted. */
function Notes({ view: { spec, paces, rules } }: { view: PacesView }) {
  const { fitness } = paces;
  const notes = [
    ...(fitness ? [] : [withoutResult(spec, paces.used !== undefined)]),
    ...(paces.used && paces.rows.some(({ holds }) => !holds) ? [wording.aPace] : []),
    ...(fitness?.stale
      ? [
          wording.thePacesRestOnAnOldResult(
            weeksText(fitness.age),
            weeksText(rules.paces.staleWeeks),
          ),
        ]
      : []),
    ...(fitness?.lacking
      ? [
          wording.untilThenThePowerLawServes(
            paceModels[spec.athlete.paceModel].title,
            fitness.lacking,
          ),
        ]
      : []),
    ...(fitness?.caution && spec.race.distance > HALF
      ? [wording.aMarathonFromShorterRacesComesOut(fitness.caution.exponent.toFixed(2))]
      : []),
  ];
  return notes.map((note) => (
    <p key={note} className="small grave">
      {note}
    </p>
  ));
}
