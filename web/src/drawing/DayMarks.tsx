import type { DoneState } from '@nadir/core/record';
import styles from './DayMarks.module.css';

const STEP = 7;
const HEIGHT = 12;

/** What became of a day, told by its shape: a bar run, a hollow one other sport, a cross missed, a dot rest, a dash not known. */
const MARKS: Readonly<Record<DoneState, string>> = {
  run: 'M0 1h4v10h-4z',
  instead: 'M.5 1.5h3v9h-3z',
  missed: 'M0 4l5 6M5 4l-5 6',
  moved: 'M1.5 9h1.5v1.5h-1.5z',
  rest: 'M1.5 9h1.5v1.5h-1.5z',
  unknown: 'M0 10.5h4.5',
};

/** Days side by side, each a mark; without a label for eyes alone. */
export function DayMarks({ days, label }: { days: readonly DoneState[]; label?: string }) {
  const named =
    label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label };
  return (
    <svg width={days.length * STEP} height={HEIGHT} display="block" {...named}>
      {days.map((state, place) => (
        <path
          key={place}
          className={styles.mark}
          data-state={state}
          d={MARKS[state]}
          transform={`translate(${place * STEP})`}
        />
      ))}
    </svg>
  );
}
