import InputAdornment from '@mui/material/InputAdornment';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useState } from 'react';
import type { FieldState } from '../theme/theme.js';

/**
 * A text field over an answer: it shows the settled answer, and while it is
 * edited what is typed. Emptied, the answer is worked out again.
 */
export function TextAnswer({
  id,
  label,
  describedBy,
  value,
  given,
  wrong = false,
  unread = false,
  width = 100,
  unit,
  placeholder,
  longest,
  autoFocus = false,
  onAnswer,
}: {
  id?: string;
  /** Its name, where no label beside it gives one. */
  label?: string;
  describedBy?: string;
  /** The settled answer as text. */
  value: string;
  /** True when the coach gave it; a worked-out answer is set apart. */
  given: boolean;
  wrong?: boolean;
  /** True while what is typed is no answer, and the settled one stays. */
  unread?: boolean;
  width?: number | string;
  /** What is counted, within the field. */
  unit?: string | undefined;
  placeholder?: string | undefined;
  /** Letters that it takes: no more are typed, and none are cut off afterwards. */
  longest?: number;
  autoFocus?: boolean;
  /** Called at every key stroke with what stands in the field. */
  onAnswer: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const state: FieldState = given || typed !== undefined ? 'given' : 'worked-out';
  return (
    <OutlinedInput
      id={id}
      data-state={state}
      data-unread={unread || undefined}
      error={wrong || unread}
      autoFocus={autoFocus}
      autoComplete="off"
      placeholder={placeholder}
      value={typed ?? value}
      sx={{ width }}
      endAdornment={unit && <InputAdornment position="end">{unit}</InputAdornment>}
      slotProps={{
        input: { 'aria-label': label, 'aria-describedby': describedBy, maxLength: longest },
      }}
      onFocus={({ target }) => target instanceof HTMLInputElement && target.select()}
      onChange={({ target }) => {
        setTyped(target.value);
        onAnswer(target.value);
      }}
      onBlur={() => {
        if (!wrong && !unread) setTyped(undefined);
      }}
    />
  );
}
