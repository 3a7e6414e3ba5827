import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Message } from './message.js';
import * as wording from './wording.js';

/** Long enough to be read and to reach its button. */
const STAYS_MS = 7000;

/** One message where nothing is pressed; its button takes the act back, and the key of every undo. */
export function MessageBar({ text, undo }: Message) {
  const [open, setOpen] = useState(true);
  const takeBack = () => {
    setOpen(false);
    undo?.();
  };
  // What was done last, be it to the plan or not: heard before the plan’s own undo.
  useHotkeys(
    'mod+z',
    (event) => {
      event.stopImmediatePropagation();
      takeBack();
    },
    {
      enabled: open && undo !== undefined,
      preventDefault: true,
      eventListenerOptions: { capture: true },
    },
  );
  return (
    <Snackbar
      open={open}
      autoHideDuration={STAYS_MS}
      onClose={(_, reason) => reason !== 'clickaway' && setOpen(false)}
      message={text}
      slotProps={{ content: { role: 'status' } }}
      action={
        undo && (
          <Button color="inherit" onClick={takeBack}>
            {wording.undo}
          </Button>
        )
      }
    />
  );
}
