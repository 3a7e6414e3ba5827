import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import { type AthleteAnswer, measureFor } from '@nadir/contract';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { useAthleteQuery, useSetAthleteStateMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { NotOpened } from '../../components/NotOpened.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { useSay } from '../../components/messages.js';
import styles from './Athlete.module.css';
import { AthleteBlocks } from './AthleteBlocks.js';
import { BlocksTouched } from './BlocksTouched.js';
import { RecordFields } from './RecordFields.js';
import { RecordResults } from './RecordResults.js';
import { useRecord } from './useRecord.js';
import { YearOfRunning } from './YearOfRunning.js';
import * as wording from './wording.js';

/** An athlete's record: one truth, read by every block of the athlete. */
export function AthletePage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useAthleteQuery(id, { refetchOnMountOrArgChange: true });
  const failure = callError(error);
  if (failure) return <NotOpened error={failure} onRetry={() => void refetch()} />;
  if (data?.id !== id.toLowerCase()) {
    return (
      <main className="page" aria-busy="true">
        {wording.openingTheRecord}
      </main>
    );
  }
  return <Record key={data.id} athlete={data} />;
}

function Record({ athlete }: { athlete: AthleteAnswer }) {
  const record = useRecord(athlete);
  const { coach } = useSignedIn();
  const { draft, isChanged, preview } = record;
  useEffect(() => {
    document.title = wording.nadir(athlete.facts.name);
  }, [athlete.facts.name]);
  return (
    <>
      <TitleBlock title={athlete.facts.name} detail={STATES[athlete.state]}>
        <StateButtons athlete={athlete} />
        <Button component={Link} to={`/blocks/new?athlete=${athlete.id}`}>
          {wording.newBlock}
        </Button>
      </TitleBlock>
      <main className="page">
        {record.problem !== undefined && <ErrorNote>{record.problem}</ErrorNote>}
        <div className={styles.columns}>
          <RecordFields key={athlete.revision} facts={draft} onChange={record.set} />
          <div>
            <RecordResults facts={draft} onChange={record.set} />
            <YearOfRunning
              athleteId={athlete.id}
              measure={measureFor(coach.settings, athlete.facts)}
            />
            <AthleteBlocks athleteId={athlete.id} />
          </div>
        </div>
        {isChanged && (
          <section aria-label={wording.whatItChanges} className={styles.offer}>
            {preview ? (
              <BlocksTouched blocks={preview} apart={record.apart} onApart={record.setApart} />
            ) : (
              record.problem === undefined && <Skeleton aria-label={wording.checkingTheBlocks} />
            )}
            <Button
              variant="contained"
              disabled={record.isSaving || draft.name.trim() === '' || !preview}
              onClick={() => void record.save()}
            >
              {wording.save}
            </Button>{' '}
            <Button onClick={record.discard}>{wording.discard}</Button>
          </section>
        )}
      </main>
    </>
  );
}

const STATES = { here: '', archived: 'archived', removed: 'removed' } as const;

/** Archive, remove, put back: nothing is lost by any of them. */
function StateButtons({ athlete: { id, state, facts } }: { athlete: AthleteAnswer }) {
  const [setState, { error, isLoading }] = useSetAthleteStateMutation();
  const say = useSay();
  const failure = callError(error);
  const to = async (next: AthleteAnswer['state']) => {
    const { data } = await setState({ id, body: { state: next } });
    if (!data) return;
    const words = {
      here: wording.isBackOnTheSquad,
      archived: wording.isArchived,
      removed: wording.isRemoved,
    };
    say({ text: `${facts.name} ${words[next]}.`, undo: () => void to(state) });
  };
  return (
    <>
      {failure && <span role="alert">{errorSentence(failure)}</span>}
      {state === 'here' ? (
        <Button disabled={isLoading} onClick={() => void to('archived')}>
          {wording.archive}
        </Button>
      ) : (
        <Button disabled={isLoading} onClick={() => void to('here')}>
          {wording.backToTheSquad}
        </Button>
      )}
      {state !== 'removed' && (
        <Button disabled={isLoading} onClick={() => void to('removed')}>
          {wording.remove}
        </Button>
      )}
    </>
  );
}
