import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useState } from 'react';
import type { Message } from './message.js';
import * as wording from './wording.js';

/** Long enough to be read and to reach its button. */
const STAYS_MS = 7000;

/** One message where nothing is pressed; its button takes the act back. */
export function MessageBar({ text, undo }: Message) {
  const [open, setOpen] = useState(true);
  return (
    <Snackbar
      open={open}
      autoHideDuration={STAYS_MS}
      onClose={(_, reason) => reason !== 'clickaway' && setOpen(false)}
      message={text}
      slotProps={{ content: { role: 'status' } }}
      action={
        undo && (
          <Button
            color="inherit"
            onClick={() => {
              setOpen(false);
              undo();
            }}
          >
            {wording.undo}
          </Button>
        )
      }
    />
  );
}
