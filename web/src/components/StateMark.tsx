import type { FigureState } from '@nadir/core/present/figures';
import styles from './StateMark.module.css';
import * as wording from './wording.js';

/** The mark of a figure: solid where it is fixed, hollow where the plan asks for it, none where it is worked out. */
export function StateMark({ state, named = false }: { state: FigureState; named?: boolean }) {
  if (state === 'worked-out') return null;
  const name = named ? { role: 'img', 'aria-label': state } : { 'aria-hidden': true };
  return <span className={styles.mark} data-state={state} {...name} />;
}

/** What the marks mean. */
export function StateKey() {
  return (
    <>
      <StateMark state="fixed" />
      {wording.fixed}
      <StateMark state="asked" />
      {wording.askedInThePlan}
    </>
  );
}
