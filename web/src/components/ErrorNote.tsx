import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import * as wording from './wording.js';

/** What went wrong, what was kept, and a way on. */
export function ErrorNote({
  children,
  onRetry,
}: {
  children: ReactNode;
  onRetry?: (() => void) | undefined;
}) {
  return (
    <Alert
      severity="error"
      variant="outlined"
      action={onRetry && <Button onClick={onRetry}>{wording.tryAgain}</Button>}
      sx={{ my: 1, color: 'text.primary' }}
    >
      {children}
    </Alert>
  );
}
