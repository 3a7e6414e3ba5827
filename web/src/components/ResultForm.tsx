import Button from '@mui/material/Button';
import type { Issue } from '@nadir/core/spec';
import { type Result, resultKinds, resultKindWords } from '@nadir/core/spec/choices';
import { type SyntheticEvent, useId, useState } from 'react';
import { useSignedIn } from '../api/session.js';
import { token } from '../theme/tokens.js';
import { ChoiceAnswer } from './ChoiceAnswer.js';
import { type DraftProblems, type ResultDraft, freshDraft, readDraft } from './result-draft.js';

const kindChoices = resultKinds.map((kind) => [kind, resultKindWords[kind]] as const);
const fixedChoices = [
  ['distance', 'the distance'],
  ['time', 'the time'],
] as const;

/** A result being entered; what is wrong with it is said at its field, and nothing typed is lost. */
export function ResultForm({
  start,
  onKeep,
  onClose,
}: {
  /** What is known of it already, from a race or test on the way. */
  start: Partial<ResultDraft>;
  onKeep: (result: Result) => Issue[];
  onClose: () => void;
}) {
  const { today } = useSignedIn();
  const [draft, setDraft] = useState<ResultDraft>(() => ({ ...freshDraft(today), ...start }));
  const [problems, setProblems] = useState<DraftProblems & { all?: string }>({});
  const id = useId();
  const set = (part: Partial<ResultDraft>) => {
    setDraft({ ...draft, ...part });
    setProblems({});
  };

  function onSubmit(event: SyntheticEvent) {
    event.preventDefault();
    const read = readDraft(draft, today);
    if ('problems' in read) {
      setProblems(read.problems);
      return;
    }
    const [problem] = onKeep(read.result);
    if (problem) setProblems({ all: problem.message });
  }

  const text = (
    field: 'name' | 'conditions' | 'distance' | 'time',
    label: string,
    hint?: string,
  ) => {
    const wrong = field === 'distance' || field === 'time' ? problems[field] : undefined;
    return (
      <>
        <label htmlFor={`${id}-${field}`}>{label}</label>
        <input
          id={`${id}-${field}`}
          className="answer"
          style={{ textAlign: 'left', width: '100%' }}
          value={draft[field]}
          placeholder={hint}
          aria-invalid={wrong !== undefined}
          aria-describedby={wrong && `${id}-wrong`}
          autoComplete="off"
          onChange={({ target }) => set({ [field]: target.value })}
        />
      </>
    );
  };
  const wrong = problems.date ?? problems.distance ?? problems.time ?? problems.all;
  const first = draft.fixed === 'time';
  return (
    <form onSubmit={onSubmit} noValidate className="event-form" aria-label="A result">
      <label htmlFor={`${id}-kind`}>What</label>
      <ChoiceAnswer
        id={`${id}-kind`}
        value={draft.kind}
        choices={kindChoices}
        onAnswer={(kind) => set({ kind })}
      />
      {text('name', 'Name')}
      <label htmlFor={`${id}-date`}>On</label>
      <input
        id={`${id}-date`}
        className="answer"
        type="date"
        max={today}
        value={draft.date}
        aria-invalid={problems.date !== undefined}
        onChange={({ target }) => set({ date: target.value })}
      />
      <label htmlFor={`${id}-fixed`}>Set was</label>
      <ChoiceAnswer
        id={`${id}-fixed`}
        value={draft.fixed}
        choices={fixedChoices}
        onAnswer={(fixed) => set({ fixed })}
      />
      {first && text('time', 'Time', '30:00')}
      {text('distance', first ? 'Covered, m' : 'Metres', '5000')}
      {!first && text('time', 'Time', '19:06')}
      {text('conditions', 'Conditions', 'wind, heat, hills')}
      <label htmlFor={`${id}-full`}>Full effort</label>
      <span>
        <input
          id={`${id}-full`}
          type="checkbox"
          checked={draft.full}
          onChange={({ target }) => set({ full: target.checked })}
        />
      </span>
      <p
        id={`${id}-wrong`}
        role={wrong ? 'alert' : undefined}
        style={{ color: token(wrong ? 'signal' : 'muted') }}
      >
        {wrong ??
          'Paces change only when you re-pace. Nothing is predicted from a run that was not all-out.'}
      </p>
      <div>
        <Button type="submit" variant="outlined">
          Keep the result
        </Button>
        <Button variant="outlined" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
