import type { PageBlock } from '@nadir/contract/athlete';
import styles from './AthletePage.module.css';

/** The paces of today, and the race in even splits. */
export function PacesView({ block }: { block: PageBlock }) {
  return (
    <>
      <section className={styles.part} aria-label="Paces">
        <h2 className="display">Paces</h2>
        {block.paces.length === 0 && <p>Your coach has set no paces yet: run by feel.</p>}
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
        <section className={styles.part} aria-label="The race in even splits">
          <h2 className="display">The race in even splits</h2>
          <p className="muted">
            {block.race.name}
            {block.goal !== undefined && `, goal ${block.goal}`}. Start no quicker than the first
            split.
          </p>
          <table className={styles.rows}>
            <thead>
              <tr>
                <th scope="col">At</th>
                <th scope="col">Split</th>
                <td>Clock</td>
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
