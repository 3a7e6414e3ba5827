import { Suspense, lazy, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

const SplitsDialog = lazy(async () => ({
  default: (await import('./SplitsDialog.js')).SplitsDialog,
}));

/** Splits and repetitions, from anywhere by one key; loaded when first asked for. */
export function SplitsKey() {
  const [open, setOpen] = useState(false);
  useHotkeys('s', () => setOpen(true), { preventDefault: true }, []);
  return (
    <>
      <button
        type="button"
        aria-keyshortcuts="s"
        title="Splits and repetitions (S)"
        onClick={() => setOpen(true)}
      >
        Splits
      </button>
      {open && (
        <Suspense fallback={null}>
          <SplitsDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
