import Button from '@mui/material/Button';
import type { BlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { type SessionPaces, sessionPacesOf } from '@nadir/core/sessions';
import { startingFamilies } from '@nadir/core/sessions/library';
import { useEffect, useMemo, useState } from 'react';
import { useSquadQuery } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useCoaching } from '../../api/coaching.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { SessionBreakdown } from '../../components/SessionBreakdown.js';
import { SessionEditor } from '../../components/SessionEditor.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { dayInBlock, pacesView } from '../../components/usePaces.js';
import { EXAMPLES } from './examples.js';
import { GroupRange } from './GroupRange.js';
import { openEverywhere } from '../../components/open-everywhere.js';
import { Link } from 'react-router';
import styles from './Shorthand.module.css';
import { Library } from './Library.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import * as wording from './wording.js';

const WIDTH = 720;
const EVERYBODY = 'everybody';

/** Sessions: written in plain words and numbers, broken down while typed; and the library of them. */
export function ShorthandPage() {
  const { today } = useSignedIn();
  const { library } = useCoaching();
  const { data, error, refetch } = useSquadQuery();
  const [text, setText] = useState<string>(EXAMPLES[0]);
  const [chosen, setChosen] = useState('');
  useEffect(() => {
    document.title = wording.sessionsNadir;
  }, []);
  const runners = useMemo(
    () =>
      (data?.athletes ?? []).flatMap(({ id: athleteId, facts, block }) =>
        block ? [{ id: athleteId, name: facts.name, ...pacesNow(block.wishes, today) }] : [],
      ),
    [data, today],
  );
  const runner = runners.find((each) => each.id === chosen) ?? runners[0];
  const families = [...library, ...startingFamilies];
  return (
    <>
      <TitleBlock title={wording.sessions} detail={wording.writtenInPlainWordsAndNumbers}>
        <Button component={Link} to="/named-paces">
          {wording.namedPaces}
        </Button>
        <Button variant="outlined" onClick={() => openEverywhere('splits')}>
          {wording.splits}
        </Button>
      </TitleBlock>
      <main className={`page ${styles.page ?? ''}`}>
        {error && 'kind' in error && (
          <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
        )}
        <span className="muted">{wording.atThePacesOf}</span>
        <ChoiceAnswer
          label={wording.atThePacesOf2}
          value={chosen === EVERYBODY ? EVERYBODY : (runner?.id ?? '')}
          choices={[
            ...runners.map((each) => [each.id, each.name] as const),
            [EVERYBODY, wording.theWholeSquad] as const,
          ]}
          onAnswer={setChosen}
        />
        {data && !runner && <p>{wording.nobodyHasABlockYet}</p>}
        {runner && (
          <>
            <SessionEditor
              label={wording.session}
              text={text}
              table={runner.table}
              families={families}
              paces={runner.paces}
              onText={setText}
            />
            {chosen === EVERYBODY ? (
              <GroupRange text={text} runners={runners} unit={runner.unit} />
            ) : (
              <SessionBreakdown text={text} paces={runner.paces} unit={runner.unit} width={WIDTH} />
            )}
            <Library
              paces={runner.paces}
              table={runner.table}
              whose={runner.name}
              unit={runner.unit}
              onTry={setText}
            />
          </>
        )}
        <h2 className="display">{wording.howItIsWritten}</h2>
        <ul className="plain-list">
          {EXAMPLES.map((example) => (
            <li key={example} className={styles.example}>
              <Button variant="outlined" onClick={() => setText(example)}>
                {example}
              </Button>
            </li>
          ))}
        </ul>
      </main>
    </>
  );
}

/** What sessions are worked out at for an athlete today. */
function pacesNow(file: BlockFile, today: CivilDate) {
  const { spec, rules } = pacesView(file, today);
  const paces: SessionPaces = sessionPacesOf(spec, rules, dayInBlock(spec, today));
  return { paces, table: spec.paces.table, unit: spec.athlete.unit };
}
