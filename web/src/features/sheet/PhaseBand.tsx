import type { Phase } from '@nadir/core/layout/block';
import type { FigureState } from '@nadir/core/present/figures';
import { StateMark } from '../../components/StateMark.js';
import { hatchOf, PHASE_LETTER, tintOf } from '../../drawing/hatches.js';
import { token } from '../../theme/tokens.js';
import styles from './Sheet.module.css';

/** Pixels of a row at the least, and what a name needs beyond its letters. */
const ROW = 33;
const AROUND = 12;

/** True where a phase is long enough for its name to stand beside its weeks. */
export function isNamedBeside({ name, weeks }: Phase): boolean {
  return name.length * PHASE_LETTER + AROUND <= weeks * ROW;
}

/** A phase beside its weeks, hatched as it is in the drawing; its first row names it for who does not see it. */
export function PhaseBand({
  phase,
  state,
  hatches,
}: {
  phase: Phase;
  state: FigureState;
  /** Of the patterns. */
  hatches: string;
}) {
  const { kind, name, purpose } = phase;
  const whole = { width: '100%', height: '100%' };
  return (
    <div className={styles.band} aria-hidden="true" title={`${name}: ${purpose}`}>
      <svg {...whole}>
        <rect {...whole} fill={token('legs')} fillOpacity={tintOf(kind)} />
        <rect {...whole} fill={hatchOf(hatches, kind)} />
      </svg>
      {isNamedBeside(phase) && (
        <i>
          <StateMark state={state} />
          {name}
        </i>
      )}
    </div>
  );
}
