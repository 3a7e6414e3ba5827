import { useState } from 'react';
import { Field } from './Field.js';
import { figureAlone } from './figure-alone.js';
import { TextAnswer } from './TextAnswer.js';
import * as wording from './wording.js';

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
  stacked = false,
  onAnswer,
}: {
  label: string;
  because?: string | undefined;
  problem?: string | undefined;
  value: number | undefined;
  given: boolean;
  least: number;
  most: number;
  /** What is counted, within the field. */
  after?: string;
  stacked?: boolean;
  onAnswer: (value: number | undefined) => void;
}) {
  const [bad, setBad] = useState<string>();
  const unreadable =
    bad === undefined ? undefined : wording.aWholeNumberFromToIsNeeded(bad, least, most);
  return (
    <Field label={label} because={because} problem={unreadable ?? problem} stacked={stacked}>
      {(ids) => (
        <TextAnswer
          {...ids}
          value={value === undefined ? '' : String(value)}
          given={given}
          unread={unreadable !== undefined}
          width={after.length > 2 ? 104 : 80}
          unit={after}
          onAnswer={(text) => {
            const empty = text.trim() === '';
            const number = Number(figureAlone(text, after));
            const fits = Number.isInteger(number) && number >= least && number <= most;
            setBad(fits || empty ? undefined : text);
            if (fits || empty) onAnswer(empty ? undefined : number);
          }}
        />
      )}
    </Field>
  );
}
