import { type AthleteAnswer, type LocatedProblem, locate, readWholeFile } from '@nadir/contract';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useAddAthleteMutation, useAddBlockMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { DropZone } from '../../components/DropZone.js';
import styles from './Past.module.css';
import { useTakeDiary } from './useTakeDiary.js';
import * as wording from './wording.js';

/** Most problems that are told at once: correcting the first ones often corrects the others more often than not. */
const MOST_TOLD = 8;

/** Opens a block file: kept as a block of its athlete, or refused by line and field with nothing kept. */
export function ImportBlock({ athletes }: { athletes: readonly AthleteAnswer[] }) {
  const navigate = useNavigate();
  const takeDiary = useTakeDiary();
  const [addAthlete] = useAddAthleteMutation();
  const [addBlock] = useAddBlockMutation();
  const [name, setName] = useState('');
  const [problems, setProblems] = useState<readonly LocatedProblem[]>([]);
  const [failure, setFailure] = useState('');

  async function onFile(file: File) {
    setName(file.name);
    setFailure('');
    const text = await file.text();
    const read = readWholeFile(text);
    setProblems(read.ok ? [] : locate(text, read.problems));
    if (!read.ok) return;
    const { file: wishes, diary, history } = read.value;
    const facts = { ...wishes.athlete, name: wishes.athlete?.name || wording.unnamedAthlete };
    const known = athletes.find((athlete) => athlete.facts.name === facts.name);
    const owner = known ? { data: known } : await addAthlete(facts);
    const kept = owner.data && (await addBlock({ athleteId: owner.data.id, wishes, history }));
    if (kept?.data && diary) await takeDiary(kept.data.athleteId, diary);
    if (kept?.data) await navigate(`/blocks/${kept.data.id}`);
    const error = 'error' in owner ? owner.error : kept?.error;
    if (error && 'kind' in error) setFailure(errorSentence(error));
  }

  return (
    <section aria-label={wording.openABlockFile} className={styles.part}>
      <h2 className="display">{wording.openABlockFile}</h2>
      <DropZone
        accept=".json,application/json"
        hint={wording.dropABlockFileHere}
        onFiles={([file]) => void onFile(file)}
      />
      {failure && (
        <p role="alert" className="grave">
          {failure}
        </p>
      )}
      {problems.length > 0 && (
        <div role="alert" className="grave">
          <p>{wording.wasNotOpened(name)}</p>
          <ul>
            {problems.slice(0, MOST_TOLD).map(({ line, path, message }) => (
              <li key={`${line} ${path.join('.')} ${message}`}>
                {wording.line(line)}
                {path.length > 0 && <b> {path.join('.')}</b>}: {message}
              </li>
            ))}
          </ul>
          {problems.length > MOST_TOLD && <p>{wording.andMore(problems.length - MOST_TOLD)}</p>}
        </div>
      )}
    </section>
  );
}
