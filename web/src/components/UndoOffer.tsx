import Button from '@mui/material/Button';
/** Says what was done, and takes it back. */
export function UndoOffer({ done, onUndo }: { done: string; onUndo: () => void }) {
  return (
    <p role="status" className="offer">
      {done}{' '}
      <Button variant="outlined" onClick={onUndo}>
        Undo
      </Button>
    </p>
  );
}
