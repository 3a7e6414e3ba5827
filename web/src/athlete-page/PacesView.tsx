import type { PageBlock } from '@nadir/contract/athlete';
import styles from './AthletePage.module.css';
import * as wording from './wording.js';

/** The paces of today, and the race in even splits. */
export function PacesView({ block }: { block: PageBlock }) {
  return (
    <>
      <section className={styles.part} aria-label={wording.paces}>
        <h2 className="display">{wording.paces}</h2>
        {block.paces.length === 0 && <p>{wording.yourCoachHasSetNoPacesYet}</p>}
        <table className={styles.rows}>
          <tbody>
            {block.paces.map(({ name, text }) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                <td>
                  <b>{text}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      {block.splits.length > 0 && (
        <section className={styles.part} aria-label={wording.theRaceInEvenSplits}>
          <h2 className="display">{wording.theRaceInEvenSplits}</h2>
          <p className="muted">
            {block.race.name}
            {block.goal !== undefined && wording.goal(block.goal)}
            {wording.startNoQuickerThanTheFirstSplit}
          </p>
          <table className={styles.rows}>
            <thead>
              <tr>
                <th scope="col">{wording.at}</th>
                <th scope="col">{wording.split}</th>
                <td>{wording.clock}</td>
              </tr>
            </thead>
            <tbody>
              {block.splits.map(([at, split, clock]) => (
                <tr key={at}>
                  <th scope="row">{at}</th>
                  <td>{split}</td>
                  <td>
                    <b>{clock}</b>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      <p className={`${styles.part ?? ''} ${styles.caution ?? ''}`}>{block.caution}</p>
    </>
  );
}
