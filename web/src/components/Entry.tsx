import TextField from '@mui/material/TextField';
import type { FieldError, UseFormRegisterReturn } from 'react-hook-form';

/** One line of a sign-in form, with what is wrong with it or how it should be. */
export function Entry({
  label,
  type = 'text',
  autoComplete,
  autoFocus = false,
  hint,
  error,
  entry,
}: {
  label: string;
  type?: 'text' | 'email' | 'password';
  autoComplete: string;
  autoFocus?: boolean;
  hint?: string;
  error: FieldError | undefined;
  entry: UseFormRegisterReturn;
}) {
  return (
    <TextField
      label={label}
      type={type}
      autoComplete={autoComplete}
      autoFocus={autoFocus}
      error={error !== undefined}
      helperText={error?.message ?? hint}
      {...entry}
    />
  );
}
