import type { PageBlock } from '@nadir/contract/athlete';
import type { CivilDate } from '@nadir/core/base';
import Button from '@mui/material/Button';
import styles from './AthletePage.module.css';
import * as wording from './wording.js';

/** Every week of the block, its volume to scale; touched, its first day is opened. */
export function BlockView({
  block,
  today,
  onChoose,
}: {
  block: PageBlock;
  today: CivilDate;
  onChoose: (date: CivilDate) => void;
}) {
  const most = Math.max(1, ...block.weeks.map(({ steps }) => steps));
  return (
    <section className={styles.part} aria-label={wording.wholeBlock}>
      <div className={styles.what}>
        <h2 className="display">{block.race.name}</h2>
      </div>
      <p>
        {block.race.words}, {block.race.distance}
        {block.goal !== undefined && wording.goal(block.goal)}
      </p>
      <table className={styles.weeks}>
        <thead>
          <tr>
            <th scope="col">{wording.week}</th>
            <th scope="col">{wording.phase}</th>
            <th scope="col" aria-label={wording.volumeDrawn} />
            <th scope="col">{block.unit}</th>
            <th scope="col">{wording.long}</th>
          </tr>
        </thead>
        <tbody>
          {block.weeks.map((week) => {
            const { number, start, days, phase, from, steps, figure, longRunFigure, recovery } =
              week;
            const isNow = start <= today && today <= (days.at(-1)?.date ?? start);
            return (
              <tr key={number} data-now={isNow} data-recovery={recovery}>
                <th scope="row">
                  <Button
                    aria-label={wording.weekFrom(number, from)}
                    onClick={() => onChoose(isNow ? today : start)}
                  >
                    {number} · {from}
                  </Button>
                </th>
                <td>
                  {phase}
                  {recovery && <span className="muted">{wording.recovery}</span>}
                  {week.note !== '' && <span className="muted">, {week.note}</span>}
                </td>
                <td style={{ width: '28%' }}>
                  <span className={styles.volume} style={{ width: `${(100 * steps) / most}%` }} />
                </td>
                <td>
                  <b>{figure}</b>
                </td>
                <td>{longRunFigure}</td>
              </tr>
            );
          })}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">{wording.total}</th>
            <td colSpan={2}>{wording.withoutTheRace}</td>
            <td>
              <b>{block.sums.total}</b>
            </td>
            <td />
          </tr>
        </tfoot>
      </table>
    </section>
  );
}
