import { useRef, useState } from 'react';
import styles from './DayFigure.module.css';
import * as wording from './wording.js';

/** A day's length, written anew where it stands as in the Sheet: Enter keeps it, Escape leaves it as it was. */
export function DayFigure({
  label,
  figure,
  source = figure,
  tabIndex,
  onTake,
}: {
  label: string;
  figure: string;
  /** The day as it would be typed; its figure when left out. */
  source?: string;
  tabIndex?: number;
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
        className={styles.shown}
        aria-label={wording.change(label, figure)}
        tabIndex={tabIndex}
        onClick={() => setTyped(source)}
      >
        {figure}
      </button>
    );
  }
  return (
    <input
      autoFocus
      className={styles.typed}
      aria-label={label}
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
