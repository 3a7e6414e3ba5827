import { useState } from 'react';
import { Field } from '../components/Field.js';
import { TextAnswer } from '../components/TextAnswer.js';
import * as wording from './wording.js';

/** A text of the diary: kept when it is left or with Enter, not at every stroke. */
export function KeptText({
  label,
  because,
  value,
  width = '100%',
  unit,
  problemOf = () => undefined,
  onKeep,
}: {
  label: string;
  because?: string;
  value: string;
  width?: number | string;
  unit?: string;
  /** What is wrong with a text, in words. */
  problemOf?: (text: string) => string | undefined;
  onKeep: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const problem = typed === undefined ? undefined : problemOf(typed.trim());
  const keep = () => {
    if (typed === undefined || problem !== undefined) return;
    if (typed.trim() !== value) onKeep(typed.trim());
    setTyped(undefined);
  };
  return (
    <Field label={label} because={because} problem={problem}>
      {(ids) => (
        <span style={{ flex: 1 }} onBlur={keep} onKeyDown={({ key }) => key === 'Enter' && keep()}>
          <TextAnswer
            {...ids}
            value={value}
            given
            unit={unit}
            width={width}
            wrong={problem !== undefined}
            onAnswer={setTyped}
          />
        </span>
      )}
    </Field>
  );
}

/** A whole number of the diary, from least to most; emptied, it is not known. */
export function KeptNumber({
  value,
  least,
  most,
  onKeep,
  ...field
}: {
  label: string;
  because?: string;
  unit?: string;
  value: number | undefined;
  least: number;
  most: number;
  onKeep: (value: number | undefined) => void;
}) {
  return (
    <KeptText
      {...field}
      width={72}
      value={value === undefined ? '' : String(value)}
      problemOf={(text) => {
        const number = Number(text);
        const fits = Number.isInteger(number) && number >= least && number <= most;
        return text === '' || fits
          ? undefined
          : wording.aWholeNumberFromToIsNeeded(text, least, most);
      }}
      onKeep={(text) => onKeep(text === '' ? undefined : Number(text))}
    />
  );
}
