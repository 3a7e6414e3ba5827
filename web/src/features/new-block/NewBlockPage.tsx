import Button from '@mui/material/Button';
import type { BlockFile } from '@nadir/contract';
import { toBlockFile } from '@nadir/contract';
import { type SyntheticEvent, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import {
  errorSentence,
  useAddAthleteMutation,
  useAddBlockMutation,
  useSquadQuery,
} from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { AskPage } from './AskPage.js';
import { freshWishes } from './questions.js';
import { useAsked } from './useAsked.js';

/** From nothing to a kept block on one page. */
export function NewBlockPage() {
  const { today, coach } = useSignedIn();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const { data } = useSquadQuery();
  const squad = data?.athletes ?? [];
  const wanted = search.get('athlete') ?? '';
  const [chosen, setChosen] = useState<string>();
  const athleteId = chosen ?? (squad.some(({ id }) => id === wanted) ? wanted : '');
  const known = squad.find(({ id }) => id === athleteId);
  const ask = useAsked(() => freshWishes(today, coach.settings.weekStartsOn, coach.houseRules));
  // Facts are entered once: those of a known athlete stand until they are changed here.
  const [factsOf, setFactsOf] = useState('');
  if (known && factsOf !== known.id) {
    setFactsOf(known.id);
    ask.change({ athlete: known.facts, volume: undefined, longRun: undefined, week: undefined });
  }

  const [addAthlete, adding] = useAddAthleteMutation();
  const [addBlock, laying] = useAddBlockMutation();
  const [nameWanted, setNameWanted] = useState(false);
  const failure = adding.error ?? laying.error;
  const name = ask.asked.athlete?.name?.trim() ?? '';

  async function keep(event: SyntheticEvent) {
    event.preventDefault();
    const { file, wishes } = ask.answered;
    if (name === '') {
      setNameWanted(true);
      return;
    }
    if (!file) return;
    const id = athleteId || (await addAthlete({ ...ask.asked.athlete, name })).data?.id;
    if (id === undefined) return;
    setChosen(id);
    setFactsOf(id);
    const kept: BlockFile = toBlockFile(wishes, file.start === undefined);
    const { data: block } = await addBlock({ athleteId: id, wishes: kept });
    if (block) await navigate(`/blocks/${block.id}`);
  }

  return (
    <AskPage
      title="New block"
      detail="Every answer is worked out already; change those you know better."
      ask={ask}
      squad={squad}
      athleteId={athleteId}
      onAthlete={(id) => {
        setChosen(id);
        if (id === '') {
          setFactsOf('');
          ask.change({
            athlete: undefined,
            volume: undefined,
            longRun: undefined,
            week: undefined,
          });
        }
      }}
      extraProblem={
        nameWanted && name === '' ? 'Give the athlete a name; the rest is worked out.' : undefined
      }
      failure={failure && 'kind' in failure ? errorSentence(failure) : undefined}
      onSubmit={(event) => void keep(event)}
      actions={
        <Button
          type="submit"
          variant="contained"
          disabled={adding.isLoading || laying.isLoading || !ask.answered.file}
        >
          Keep this block
        </Button>
      }
    />
  );
}
