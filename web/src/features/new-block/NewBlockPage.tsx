import Button from '@mui/material/Button';
import type { AthleteAnswer, BlockFile, TemplateAnswer } from '@nadir/contract';
import { type TemplatePart, withoutParts } from '@nadir/core/edit';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import {
  useAddAthleteMutation,
  useAddBlockMutation,
  useBlockQuery,
  useSquadQuery,
  useTemplatesQuery,
} from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useCoaching } from '../../api/coaching.js';
import { useSignedIn } from '../../api/session.js';
import { newBlockState } from '../../components/new-block-state.js';
import { AskPage } from './AskPage.js';
import { FromDiary } from './FromDiary.js';
import { freshWishes } from './questions.js';
import { type FromTemplate, startAfter, startFromTemplate } from './starting-point.js';
import { TemplateParts } from './TemplateParts.js';
import { useAsked } from './useAsked.js';
import * as wording from './wording.js';

/** From nothing, from a template or from the block before, to a kept block on one page. */
export function NewBlockPage() {
  const { today, coach } = useSignedIn();
  const { houseRules, paces } = useCoaching();
  const [search] = useSearchParams();
  const squad = useSquadQuery();
  const afterId = search.get('after') ?? '';
  const after = useBlockQuery(afterId, {
    skip: afterId === '',
    refetchOnMountOrArgChange: true,
  });
  const templateId = search.get('template') ?? '';
  const templates = useTemplatesQuery(undefined, { skip: templateId === '' });
  const waits = [squad, after, templates].some(({ isLoading }) => isLoading);
  if (waits) {
    return (
      <main className="page" aria-busy="true">
        {wording.opening}
      </main>
    );
  }
  const athletes = squad.data?.athletes ?? [];
  const template = templates.data?.templates.find(({ id }) => id === templateId);
  const wanted = after.data?.athleteId ?? search.get('athlete') ?? '';
  const athlete = athletes.find(({ id }) => id === wanted);
  const fresh = freshWishes(today, coach.settings.weekStartsOn, houseRules, paces);
  const first = after.data
    ? startAfter(after.data, today)
    : { ...fresh, ...(athlete && { athlete: athlete.facts }) };
  return (
    <NewBlock
      // What the page had read of the block before is started from anew once it is known to have changed.
      key={after.data?.revision}
      first={template ? startFromTemplate(template.template, first) : { file: first, unfit: [] }}
      athlete={athlete}
      athletes={athletes}
      template={template}
    />
  );
}

function NewBlock({
  first,
  athlete,
  athletes,
  template,
}: {
  first: FromTemplate;
  athlete: AthleteAnswer | undefined;
  athletes: readonly AthleteAnswer[];
  template: TemplateAnswer | undefined;
}) {
  const navigate = useNavigate();
  const [athleteId, setAthleteId] = useState(athlete?.id ?? '');
  const ask = useAsked(() => first.file, { needsName: true });
  const [unfit, setUnfit] = useState(first.unfit);
  const [addAthlete, adding] = useAddAthleteMutation();
  const [addBlock, laying] = useAddBlockMutation();
  const [left, setLeft] = useState<readonly TemplatePart[]>([]);
  const failure = adding.error ?? laying.error;
  const name = ask.asked.athlete?.name?.trim() ?? '';

  /** Facts are entered once: those of a known athlete stand until they are changed here. */
  function onAthlete(id: string) {
    setAthleteId(id);
    const facts = athletes.find((each) => each.id === id)?.facts;
    const asked: BlockFile = {
      ...ask.asked,
      athlete: facts,
      volume: undefined,
      longRun: undefined,
      week: undefined,
      pins: undefined,
    };
    take(asked, left);
  }

  /** The wishes in the shape of the template, where there is one. */
  function take(asked: BlockFile, without: readonly TemplatePart[]) {
    if (!template) {
      ask.setAsked(asked);
      return;
    }
    const taken = startFromTemplate(withoutParts(template.template, without), asked);
    ask.setAsked(taken.file);
    setUnfit(taken.unfit);
  }

  function onParts(parts: readonly TemplatePart[]) {
    setLeft(parts);
    take(ask.asked, parts);
  }

  async function keep(wishes: BlockFile) {
    const id = athleteId || (await addAthlete({ ...ask.asked.athlete, name })).data?.id;
    if (id === undefined) return;
    setAthleteId(id);
    const { data: block } = await addBlock({ athleteId: id, wishes });
    if (block) await navigate(`/blocks/${block.id}`, { state: newBlockState });
  }

  const detail = template
    ? templateWords(template.name, unfit)
    : ask.asked.previousRace
      ? wording.afterEasyDaysFirstThenFromWhat(ask.asked.previousRace.name)
      : wording.threeQuestionsAreYours;
  return (
    <AskPage
      title={wording.newBlock}
      detail={detail}
      ask={ask}
      squad={athletes}
      athleteId={athleteId}
      onAthlete={onAthlete}
      failure={failure && 'kind' in failure ? errorSentence(failure) : undefined}
      onKeep={keep}
      actions={
        <>
          <FromDiary
            athleteId={athleteId}
            measure={{ ...ask.answered.wishes.athlete, step: 1 }}
            onTake={(facts) =>
              ask.setAsked({ ...ask.asked, athlete: { ...ask.asked.athlete, ...facts } })
            }
          />
          {template && (
            <>
              <TemplateParts template={template.template} left={left} onLeave={onParts} />
              <Button onClick={() => onParts(left)}>{wording.scaleAgain}</Button>
            </>
          )}
          <Button
            type="submit"
            variant="contained"
            aria-keyshortcuts="Control+Enter"
            disabled={adding.isLoading || laying.isLoading || !ask.answered.file}
          >
            {wording.keepThisBlock}
          </Button>
        </>
      }
    />
  );
}

/** What a template has become on this athlete. */
function templateWords(name: string, unfit: FromTemplate['unfit']): string {
  if (unfit === 'all') {
    return wording.theTemplate(name);
  }
  const left = unfit.length > 0 ? wording.itsFixedWeeksAndWrittenDaysDo : '';
  return wording.fromTheTemplate(name, left);
}
