import type { Wishes } from '@nadir/core';
import { ChoiceAnswer } from '../../parts/ChoiceAnswer.js';
import { Field } from '../../parts/Field.js';
import { NumberAnswer } from '../../parts/NumberAnswer.js';
import type { QuestionProps } from './QuestionProps.js';

const CADENCES = [
  ['3', 'every 3rd week'],
  ['4', 'every 4th week'],
  ['5', 'every 5th week'],
  ['6', 'every 6th week'],
  ['none', 'none'],
] as const;

const EVERY: Readonly<Record<(typeof CADENCES)[number][0], Wishes['volume']['recovery']['every']>> =
  {
    3: 3,
    4: 4,
    5: 5,
    6: 6,
    none: 'none',
  };

export function RecoveryQuestions({ asked, wishes, reasons, change }: QuestionProps) {
  const { recovery } = wishes.volume;
  const set = (part: NonNullable<NonNullable<typeof asked.volume>['recovery']>) =>
    change({ volume: { ...asked.volume, recovery: { ...asked.volume?.recovery, ...part } } });
  return (
    <fieldset>
      <legend>Recovery</legend>
      <Field label="Recovery week" because={reasons.recovery}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={String(recovery.every) as (typeof CADENCES)[number][0]}
            choices={CADENCES}
            onAnswer={(every) => set({ every: EVERY[every] })}
          />
        )}
      </Field>
      <NumberAnswer
        label="Taken off"
        because="20 to 40 is usual; every run shorter, nothing hard."
        value={Math.round(recovery.depth * 100)}
        given={asked.volume?.recovery?.depth !== undefined}
        least={5}
        most={80}
        after="%"
        onAnswer={(percent) => set({ depth: percent === undefined ? undefined : percent / 100 })}
      />
      <Field
        label="Afterwards"
        because={
          recovery.reEntry === 'resume'
            ? 'Back at the last building week: gentle, a week longer to the peak.'
            : 'One step above the last building week: quicker, a larger jump.'
        }
      >
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={recovery.reEntry}
            choices={[
              ['resume', 'resume where it was'],
              ['one-step-above', 'one step above'],
            ]}
            onAnswer={(reEntry) => set({ reEntry })}
          />
        )}
      </Field>
    </fieldset>
  );
}
