import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

const SHORTCUTS = [
  ['Arrows, Home, End', 'move in the Ledger'],
  ['Digits', 'pin the volume or long run in focus; the drawing answers'],
  ['Enter', 'keep the pin; on a figure, change it'],
  ['Tab, Shift + Tab', 'keep it and go to the next or last week'],
  ['Escape', 'drop what is typed'],
  ['Delete', 'unpin'],
  ['+, −', 'one step more or less'],
  ['Shift + arrows', 'take several weeks, for the tools under the Ledger'],
  ['Tab to the drawing, arrows, Enter', 'move what can be dragged'],
  ['M on a check', 'mend it by its first fix'],
  ['S', 'splits and repetitions, on every page'],
  ['Ctrl + Z', 'undo'],
  ['Ctrl + Shift + Z', 'redo'],
  ['?', 'this'],
] as const;

/** The keys of the editor, on `?` and behind a button. */
export function Shortcuts() {
  const [open, setOpen] = useState(false);
  useHotkeys('?', () => setOpen(true), { useKey: true }, []);
  return (
    <>
      <Button onClick={() => setOpen(true)} aria-keyshortcuts="?" title="Keys (?)">
        keys
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="keys-title">
        <DialogTitle id="keys-title">Keys</DialogTitle>
        <DialogContent>
          <dl className="keys">
            {SHORTCUTS.map(([keys, what]) => (
              <div key={keys}>
                <dt>{keys}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <Button variant="outlined" autoFocus onClick={() => setOpen(false)}>
            Close
          </Button>
        </DialogContent>
      </Dialog>
    </>
  );
}
