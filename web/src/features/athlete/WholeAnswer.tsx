import { useState } from 'react';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';

/** A whole number that may be left out. */
export function WholeAnswer({
  label,
  because,
  value,
  least,
  most,
  onAnswer,
}: {
  label: string;
  because: string;
  value: number | undefined;
  least: number;
  most: number;
  onAnswer: (value: number | undefined) => void;
}) {
  const [bad, setBad] = useState(false);
  return (
    <Field
      label={label}
      because={because}
      problem={bad ? `Type a whole number from ${least} to ${most}, or leave it empty.` : undefined}
    >
      {(ids) => (
        <TextAnswer
          {...ids}
          width={64}
          value={value === undefined ? '' : String(value)}
          given
          wrong={bad}
          onAnswer={(text) => {
            const typed = text.trim();
            const number = Number(typed);
            const fits = Number.isInteger(number) && number >= least && number <= most;
            setBad(typed !== '' && !fits);
            if (typed === '') onAnswer(undefined);
            else if (fits) onAnswer(number);
          }}
        />
      )}
    </Field>
  );
}
