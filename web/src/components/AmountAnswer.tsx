import type { Measure } from '@nadir/core/base';
import { formatPlain, readAmount } from '@nadir/core/base/format';
import { useState } from 'react';
import { Field } from './Field.js';
import { TextAnswer } from './TextAnswer.js';

/** A volume or long run, typed in the shown unit; emptied, it is worked out again. */
export function AmountAnswer({
  label,
  because,
  problem,
  measure,
  value,
  given,
  stacked = false,
  onAnswer,
}: {
  label: string;
  because?: string | undefined;
  problem?: string | undefined;
  measure: Measure;
  /** Canonical metres or seconds. */
  value: number;
  given: boolean;
  stacked?: boolean;
  onAnswer: (amount: number | undefined) => void;
}) {
  const [bad, setBad] = useState<string>();
  const [figure, unit] = formatPlain(value, measure).split(' ');
  const unreadable = bad === undefined ? undefined : `“${bad}” is not an amount in ${unit}.`;
  return (
    <Field label={label} because={because} problem={unreadable ?? problem} stacked={stacked}>
      {(ids) => (
        <TextAnswer
          {...ids}
          value={figure ?? ''}
          given={given}
          unread={unreadable !== undefined}
          width={96}
          unit={unit}
          onAnswer={(text) => {
            const amount = readAmount(text, measure);
            const empty = text.trim() === '';
            setBad(amount === undefined && !empty ? text : undefined);
            if (amount !== undefined || empty) onAnswer(amount);
          }}
        />
      )}
    </Field>
  );
}
