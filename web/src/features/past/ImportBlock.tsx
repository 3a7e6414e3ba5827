import { type AthleteAnswer, type LocatedProblem, locate, readBlockFile } from '@nadir/contract';
import { type ChangeEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { errorSentence, useAddAthleteMutation, useAddBlockMutation } from '../../api/api.js';
import { token } from '../../theme/tokens.js';

/** Most problems that are told at once: the first ones mend the others more often than not. */
const MOST_TOLD = 8;

/** Opens a block file: kept as a block of its athlete, or refused by line and field with nothing kept. */
export function ImportBlock({ athletes }: { athletes: readonly AthleteAnswer[] }) {
  const navigate = useNavigate();
  const [addAthlete] = useAddAthleteMutation();
  const [addBlock] = useAddBlockMutation();
  const [name, setName] = useState('');
  const [problems, setProblems] = useState<readonly LocatedProblem[]>([]);
  const [failure, setFailure] = useState('');

  async function onFile({ target }: ChangeEvent<HTMLInputElement>) {
    const [file] = target.files ?? [];
    if (!file) return;
    setName(file.name);
    setFailure('');
    const text = await file.text();
    // The same file may be chosen again once it is mended.
    target.value = '';
    const read = readBlockFile(text);
    setProblems(read.ok ? [] : locate(text, read.problems));
    if (!read.ok) return;
    const facts = { ...read.value.athlete, name: read.value.athlete?.name || 'Unnamed athlete' };
    const known = athletes.find((athlete) => athlete.facts.name === facts.name);
    const owner = known ? { data: known } : await addAthlete(facts);
    const kept = owner.data && (await addBlock({ athleteId: owner.data.id, wishes: read.value }));
    if (kept?.data) await navigate(`/blocks/${kept.data.id}`);
    const error = 'error' in owner ? owner.error : kept?.error;
    if (error && 'kind' in error) setFailure(errorSentence(error));
  }

  return (
    <section aria-label="Open a block file">
      <h2 className="display">Open a block file</h2>
      <label style={{ fontSize: 13 }}>
        A file of Nadir’s open format, exported here or written by hand:{' '}
        <input
          type="file"
          accept=".json,application/json"
          onChange={(event) => void onFile(event)}
        />
      </label>
      {failure && (
        <p role="alert" style={{ color: token('signal') }}>
          {failure}
        </p>
      )}
      {problems.length > 0 && (
        <div role="alert" style={{ color: token('signal'), fontSize: 13 }}>
          <p>{name} was not opened, and nothing was kept:</p>
          <ul>
            {problems.slice(0, MOST_TOLD).map(({ line, path, message }) => (
              <li key={`${line} ${path.join('.')} ${message}`}>
                line {line}
                {path.length > 0 && <b> {path.join('.')}</b>}: {message}
              </li>
            ))}
          </ul>
          {problems.length > MOST_TOLD && <p>… and {problems.length - MOST_TOLD} more.</p>}
        </div>
      )}
    </section>
  );
}
