import NativeSelect from '@mui/material/NativeSelect';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { ReactNode } from 'react';
import type { FieldState } from '../theme/theme.js';
import { DownIcon } from '../theme/icons.js';

/** A choice among few, as the device's own list: one key stroke picks. */
export function ChoiceAnswer<T extends string>({
  id,
  label,
  describedBy,
  value,
  choices,
  closed = [],
  given = true,
  width,
  children,
  onAnswer,
}: {
  id?: string;
  /** Its name, where no label beside it gives one. */
  label?: string;
  describedBy?: string;
  value: T;
  choices: readonly (readonly [value: T, label: string])[];
  /** Shown, and not to be chosen now. */
  closed?: readonly T[];
  given?: boolean;
  width?: number | string;
  /** The options, where they stand in groups. */
  children?: ReactNode;
  onAnswer: (value: T) => void;
}) {
  const state: FieldState = given ? 'given' : 'worked-out';
  return (
    <NativeSelect
      id={id}
      input={<OutlinedInput data-state={state} sx={{ width, maxWidth: '100%' }} />}
      IconComponent={DownIcon}
      inputProps={{ id, 'aria-label': label, 'aria-describedby': describedBy }}
      value={value}
      onChange={({ target }) => {
        const chosen = choices.find(([each]) => each === target.value);
        if (chosen) onAnswer(chosen[0]);
      }}
    >
      {children ??
        choices.map(([each, words]) => (
          <option key={each} value={each} disabled={closed.includes(each)}>
            {words}
          </option>
        ))}
    </NativeSelect>
  );
}
