import { useRef, useState } from 'react';

/** A day's length, changed where it stands: Enter keeps it, Escape leaves it as it was. */
export function DayFigure({
  label,
  figure,
  onTake,
}: {
  label: string;
  figure: string;
  onTake: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const button = useRef<HTMLButtonElement>(null);
  const back = () => {
    setTyped(undefined);
    requestAnimationFrame(() => button.current?.focus());
  };
  if (typed === undefined) {
    return (
      <button
        ref={button}
        type="button"
        aria-label={`${label}: ${figure}. Change`}
        onClick={() => setTyped(figure)}
      >
        {figure}
      </button>
    );
  }
  return (
    <input
      autoFocus
      aria-label={label}
      inputMode="decimal"
      value={typed}
      onFocus={({ target }) => target.select()}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={() => setTyped(undefined)}
      onKeyDown={({ key }) => {
        if (key === 'Escape') back();
        if (key !== 'Enter') return;
        onTake(typed);
        back();
      }}
    />
  );
}
