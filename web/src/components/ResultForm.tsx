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
import * as wording from './wording.js';

const kindChoices = resultKinds.map((kind) => [kind, resultKindWords[kind]] as const);
const fixedChoices = [
  ['distance', wording.theDistance],
  ['time', wording.theTime],
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
    <form onSubmit={onSubmit} noValidate aria-label={wording.aResult}>
      <Field label={wording.what}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={draft.kind}
            choices={kindChoices}
            onAnswer={(kind) => set({ kind })}
          />
        )}
      </Field>
      {text('name', wording.name)}
      <Field label={wording.on} problem={problems.date}>
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
      <Field label={wording.setWas}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={draft.fixed}
            choices={fixedChoices}
            onAnswer={(fixed) => set({ fixed })}
          />
        )}
      </Field>
      {first && text('time', wording.time, '30:00')}
      {text('distance', first ? wording.coveredM : wording.metres, '5000')}
      {!first && text('time', wording.time, '19:06')}
      {text('conditions', wording.conditions, wording.windHeatHills)}
      <Tick label={wording.allOut} checked={draft.full} onAnswer={(full) => set({ full })} />
      <p className={wrong ? 'small grave' : 'small muted'} role={wrong ? 'alert' : undefined}>
        {wrong ?? wording.pacesChangeOnlyWhenYou}
      </p>
      <Button type="submit" variant="outlined">
        {wording.keepTheResult}
      </Button>{' '}
      <Button onClick={onClose}>{wording.cancel}</Button>
    </form>
  );
}
