import Button from '@mui/material/Button';
import type { BlockFile } from '@nadir/contract';
import { openAnswers } from '@nadir/core/edit/answers';
import { useDispatch } from 'react-redux';
import { Link, useNavigate, useParams } from 'react-router';
import { changed } from '../../editor/editor-slice.js';
import { InEditor } from '../../editor/InEditor.js';
import { AskPage } from './AskPage.js';
import { useAsked } from './useAsked.js';
import { useRaceDay } from './useRaceDay.js';
import * as wording from './wording.js';

/** The questions of a block that is laid out already, in the editor: what is over stays as it was handed out. */
export function EditPlanPage() {
  const { id = '' } = useParams();
  return <InEditor id={id}>{(file) => <EditPlan id={id} wishes={file} />}</InEditor>;
}

function EditPlan({ id, wishes }: { id: string; wishes: BlockFile }) {
  const navigate = useNavigate();
  const dispatch = useDispatch();
  // What nobody answered is worked out anew with what is answered here.
  const ask = useAsked(() => openAnswers(wishes), { mayBePast: true });
  const raceDay = useRaceDay(ask.asked, ask.change);
  /** One change, to be undone and saved like any other. */
  async function keep(plan: BlockFile) {
    dispatch(changed({ wishes: plan, words: wording.changedThePlan }));
    await navigate(`/blocks/${id}`);
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
      raceDay={raceDay}
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
