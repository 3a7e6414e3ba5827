import Button from '@mui/material/Button';
import { type BlockFile, changedFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { moveRace } from '@nadir/core/edit';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { errorSentence, useBlockQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { type CarriedWishes, readCarried } from '../../components/carried-wishes.js';
import { AskPage } from './AskPage.js';
import { useAsked } from './useAsked.js';
import * as wording from './wording.js';

/** The questions of a block that is laid out already: those in the editor, else the stored ones. */
export function EditPlanPage() {
  const { id = '' } = useParams();
  const carried = readCarried(useLocation().state);
  const { data, error, refetch } = useBlockQuery(id, { skip: carried !== undefined });
  const wishes = carried?.wishes ?? data?.wishes;
  if (wishes) return <EditPlan id={id} wishes={wishes} />;
  return (
    <main className="page" aria-busy={!error}>
      {error && 'kind' in error ? (
        <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
      ) : (
        wording.openingThePlan
      )}
    </main>
  );
}

function EditPlan({ id, wishes }: { id: string; wishes: BlockFile }) {
  const navigate = useNavigate();
  const { today } = useSignedIn();
  const ask = useAsked(() => wishes, { mayBePast: true });
  /** A block that has begun keeps its start and what was run; another counts back again. */
  const onRaceDay = (date: CivilDate): Partial<BlockFile> => {
    const change = moveRace(ask.answered.wishes, date, today);
    const changed = changedFile(ask.asked, change);
    // What cannot be counted is shown with its problem, and can be set right by hand.
    return changed.ok ? changed.value : { race: { ...ask.asked.race, date } };
  };
  /** The block’s own view makes it one change, to be undone and saved like any other. */
  async function keep(changed: BlockFile) {
    const state: CarriedWishes = { wishes: changed, words: wording.changedThePlan };
    await navigate(`/blocks/${id}`, { state });
  }

  return (
    <AskPage
      title={wording.editPlan}
      detail={wishes.athlete?.name ?? wishes.race.name}
      ask={ask}
      squad={[]}
      athleteId={id}
      onAthlete={() => undefined}
      failure={undefined}
      onKeep={keep}
      before={wishes}
      onRaceDay={onRaceDay}
      actions={
        <>
          <Button component={Link} to={`/blocks/${id}`}>
            {wording.cancel}
          </Button>
          <Button type="submit" variant="contained" disabled={!ask.answered.file}>
            {wording.keepThisPlan}
          </Button>
        </>
      }
    />
  );
}
