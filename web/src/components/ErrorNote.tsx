import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';

/** What went wrong, what was kept, and a way on. */
export function ErrorNote({ children, onRetry }: { children: ReactNode; onRetry?: () => void }) {
  return (
    <Alert
      severity="error"
      variant="outlined"
      action={onRetry && <Button onClick={onRetry}>Try again</Button>}
      sx={{ my: 1, color: 'text.primary' }}
    >
      {children}
    </Alert>
  );
}
