/** Says what was done, and takes it back. */
export function UndoOffer({ done, onUndo }: { done: string; onUndo: () => void }) {
  return (
    <p role="status" className="offer">
      {done}{' '}
      <button type="button" className="tool" onClick={onUndo}>
        Undo
      </button>
    </p>
  );
}
