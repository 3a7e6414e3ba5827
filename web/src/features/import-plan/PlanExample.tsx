import Button from '@mui/material/Button';
import styles from './ImportPlan.module.css';

const HEAD = ['Week', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const ROWS = [
  ['1', '6', '10 5 x 1 km @ 10 km, 90 s jog', '8', 'rest', '4+6', '40 min pool', '16'],
  ['2', '6', '11 20 min @ one-hour', '9', 'rest', '8', '6', '18 (last 5 @ half marathon)'],
  ['3', '5', '9 easy', '7', 'rest', '7', '5', '14'],
  ['4', 'rest', '8 6 x 400 m @ 5 km, 1 min jog', '6', 'rest', '6', '4', 'race'],
];

/** What a plan may look like, where none is here yet. */
export function PlanExample({ onTake }: { onTake: (table: string[][]) => void }) {
  return (
    <section aria-labelledby="plan-example" className={styles.example}>
      <h2 id="plan-example" className="display">
        For example
      </h2>
      <p className="small muted">
        Headings and dates are optional; write each cell as you would for an athlete. Anything that
        cannot be read is listed with what it may have meant.
      </p>
      <div className={styles.scroll} tabIndex={0} role="region" aria-label="The example">
        <table>
          <thead>
            <tr>
              {HEAD.map((head) => (
                <th key={head} scope="col">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.map((row) => (
              <tr key={row[0]}>
                {row.map((cell, column) => (
                  <td key={column}>{cell}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Button variant="outlined" onClick={() => onTake([HEAD, ...ROWS])}>
        Try the example
      </Button>
    </section>
  );
}
