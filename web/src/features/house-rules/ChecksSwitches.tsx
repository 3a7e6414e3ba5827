import { checks } from '@nadir/core/checks';
import { Tick } from '../../components/Tick.js';
import styles from './HouseRules.module.css';
import { type FlagCount, flagWords } from './flag-counts.js';

/** Which checks are made. What could hurt someone is always looked at. */
export function ChecksSwitches({
  off,
  counts,
  onTurn,
}: {
  off: readonly string[];
  counts: ReadonlyMap<string, FlagCount>;
  onTurn: (check: string, on: boolean) => void;
}) {
  return (
    <section aria-label="Checks">
      <h2 className="display">Checks</h2>
      <p className="muted">
        A check that is turned off is not made on blocks laid out from now on. Those at level stop
        always are: what could hurt someone is said.
      </p>
      <ul className={styles.switches}>
        {checks.map(({ code, level }) => {
          const always = level === 'stop';
          return (
            <li key={code}>
              <Tick
                label={`${code.replaceAll('-', ' ')} · ${level}${always ? ', always on' : ''}${
                  off.includes(code) && !always ? '' : `, ${flagWords(counts, [code])}`
                }`}
                checked={always || !off.includes(code)}
                disabled={always}
                onAnswer={(on) => onTurn(code, on)}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}
