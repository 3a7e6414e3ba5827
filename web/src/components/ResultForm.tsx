import Button from '@mui/material/Button';
import type { Issue } from '@nadir/core/spec';
import { type Result, resultKinds, resultKindWords } from '@nadir/core/spec/choices';
import { type SyntheticEvent, useState } from 'react';
import { useSignedIn } from '../api/session.js';
import { ChoiceAnswer } from './ChoiceAnswer.js';
import { DateAnswer } from './DateAnswer.js';
import { Field } from './Field.js';
import { TextAnswer } from './TextAnswer.js';
import { Tick } from './Tick.js';
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
  /** What is known of it already, from a race or test in the block. */
  start: Partial<ResultDraft>;
  onKeep: (result: Result) => Issue[];
  onClose: () => void;
}) {
  const { today } = useSignedIn();
  const [draft, setDraft] = useState<ResultDraft>(() => ({ ...freshDraft(today), ...start }));
  const [problems, setProblems] = useState<DraftProblems & { all?: string }>({});
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

  const wrong = problems.all;
  const first = draft.fixed === 'time';
  const text = (
    field: 'name' | 'conditions' | 'distance' | 'time',
    label: string,
    hint?: string,
  ) => {
    const problem = field === 'distance' || field === 'time' ? problems[field] : undefined;
    return (
      <Field label={label} problem={problem}>
        {(ids) => (
          <TextAnswer
            {...ids}
            width="100%"
            value={draft[field]}
            given
            wrong={problem !== undefined}
            placeholder={hint}
            onAnswer={(typed) => set({ [field]: typed })}
          />
        )}
      </Field>
    );
  };
  return (
    <form onSubmit={onSubmit} noValidate aria-label="A result">
      <Field label="What">
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={draft.kind}
            choices={kindChoices}
            onAnswer={(kind) => set({ kind })}
          />
        )}
      </Field>
      {text('name', 'Name')}
      <Field label="On" problem={problems.date}>
        {(ids) => (
          <DateAnswer
            {...ids}
            value={draft.date}
            latest={today}
            wrong={problems.date !== undefined}
            onAnswer={(date) => set({ date })}
          />
        )}
      </Field>
      <Field label="Set was">
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={draft.fixed}
            choices={fixedChoices}
            onAnswer={(fixed) => set({ fixed })}
          />
        )}
      </Field>
      {first && text('time', 'Time', '30:00')}
      {text('distance', first ? 'Covered, m' : 'Metres', '5000')}
      {!first && text('time', 'Time', '19:06')}
      {text('conditions', 'Conditions', 'wind, heat, hills')}
      <Tick label="All-out" checked={draft.full} onAnswer={(full) => set({ full })} />
      <p className={wrong ? 'small grave' : 'small muted'} role={wrong ? 'alert' : undefined}>
        {wrong ??
          'Paces change only when you re-pace. Nothing is predicted from a run that was not all-out.'}
      </p>
      <Button type="submit" variant="outlined">
        Keep the result
      </Button>{' '}
      <Button onClick={onClose}>Cancel</Button>
    </form>
  );
}
