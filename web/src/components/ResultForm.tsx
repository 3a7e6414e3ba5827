import Button from '@mui/material/Button';
import type { Issue } from '@nadir/core/spec';
import { type Result, resultKinds, resultKindWords } from '@nadir/core/spec/choices';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { useSignedIn } from '../api/session.js';
import { ChoiceAnswer } from './ChoiceAnswer.js';
import { DateAnswer } from './DateAnswer.js';
import { Field } from './Field.js';
import { TextAnswer } from './TextAnswer.js';
import { Tick } from './Tick.js';
import { type ResultDraft, freshDraft, readDraft } from './result-draft.js';
import { resultResolver } from './result-resolver.js';
import { goesToUnread } from './unread.js';
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
  const form = useForm({
    defaultValues: { ...freshDraft(today), ...start },
    resolver: resultResolver(today),
    // What is wrong is said when it is kept, and no longer once something is typed.
    reValidateMode: 'onSubmit',
  });
  const { control, clearErrors, formState, handleSubmit, setError } = form;
  const fixed = useWatch({ control, name: 'fixed' });
  const keep = handleSubmit((draft) => {
    const read = readDraft(draft, today);
    const [problem] = 'result' in read ? onKeep(read.result) : [];
    if (problem) setError('root', { message: problem.message });
  });

  const text = (
    name: 'name' | 'conditions' | 'distance' | 'time',
    label: string,
    hint?: string,
    longest = 120,
  ) => (
    <Controller
      key={name}
      control={control}
      name={name}
      render={({ field: { value, onChange }, fieldState: { error } }) => (
        <Field label={label} problem={error?.message}>
          {(ids) => (
            <TextAnswer
              {...ids}
              width="100%"
              value={value}
              given
              wrong={error !== undefined}
              placeholder={hint}
              longest={longest}
              onAnswer={onChange}
            />
          )}
        </Field>
      )}
    />
  );
  const wrong = formState.errors.root?.message;
  const first = fixed === 'time';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (!goesToUnread(event.currentTarget)) void keep(event);
      }}
      onChange={() => clearErrors()}
      noValidate
      aria-label={wording.aResult}
    >
      <Controller
        control={control}
        name="kind"
        render={({ field: { value, onChange } }) => (
          <Field label={wording.what}>
            {(ids) => (
              <ChoiceAnswer {...ids} value={value} choices={kindChoices} onAnswer={onChange} />
            )}
          </Field>
        )}
      />
      {text('name', wording.name)}
      <Controller
        control={control}
        name="date"
        render={({ field: { value, onChange }, fieldState: { error } }) => (
          <Field label={wording.on} problem={error?.message}>
            {(ids) => (
              <DateAnswer
                {...ids}
                value={value}
                latest={today}
                wrong={error !== undefined}
                onAnswer={onChange}
              />
            )}
          </Field>
        )}
      />
      <Controller
        control={control}
        name="fixed"
        render={({ field: { value, onChange } }) => (
          <Field label={wording.whatWasSet}>
            {(ids) => (
              <ChoiceAnswer {...ids} value={value} choices={fixedChoices} onAnswer={onChange} />
            )}
          </Field>
        )}
      />
      {first && text('time', wording.time, '30:00')}
      {text('distance', first ? wording.coveredM : wording.metres, '5000')}
      {!first && text('time', wording.time, '19:06')}
      {text('conditions', wording.conditions, wording.windHeatHills, 300)}
      <Controller
        control={control}
        name="full"
        render={({ field: { value, onChange } }) => (
          <Tick label={wording.allOut} checked={value} onAnswer={onChange} />
        )}
      />
      <p className={wrong ? 'small grave' : 'small muted'} role={wrong ? 'alert' : undefined}>
        {wrong ?? wording.pacesChangeOnlyWhenYouRePace}
      </p>
      <Button type="submit" variant="outlined">
        {wording.keepTheResult}
      </Button>{' '}
      <Button onClick={onClose}>{wording.cancel}</Button>
    </form>
  );
}
