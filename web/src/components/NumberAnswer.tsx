import { useState } from 'react';
import { Field } from './Field.js';
import { TextAnswer } from './TextAnswer.js';

/** A plain number with its range; emptied, it is worked out again. */
export function NumberAnswer({
  label,
  because,
  problem,
  value,
  given,
  least,
  most,
  after = '',
  onAnswer,
}: {
  label: string;
  because: string;
  problem?: string | undefined;
  value: number;
  given: boolean;
  least: number;
  most: number;
  /** What is counted, after the field. */
  after?: string;
  onAnswer: (value: number | undefined) => void;
}) {
  const [bad, setBad] = useState<string>();
  const unreadable =
    bad === undefined ? undefined : `“${bad}”: a whole number from ${least} to ${most} is needed.`;
  return (
    <Field label={label} because={because} problem={unreadable ?? problem}>
      {(ids) => (
        <>
          <TextAnswer
            {...ids}
            value={String(value)}
            given={given}
            wrong={unreadable !== undefined}
            width={64}
            onAnswer={(text) => {
              const empty = text.trim() === '';
              const number = Number(text);
              const fits = !empty && Number.isInteger(number) && number >= least && number <= most;
              setBad(fits || empty ? undefined : text);
              if (fits || empty) onAnswer(empty ? undefined : number);
            }}
          />{' '}
          {after}
        </>
      )}
    </Field>
  );
}
