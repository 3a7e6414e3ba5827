import { checks } from '@nadir/core/checks';
import { checkTitles } from '@nadir/core/present';
import { Tick } from '../../components/Tick.js';
import styles from './HouseRules.module.css';
import { type FlagCount, flagWords } from './flag-counts.js';
import * as wording from './wording.js';

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
    <section aria-label={wording.checks}>
      <h2 className="display">{wording.checks}</h2>
      <p className="muted">{wording.aCheckThatIsTurnedOff}</p>
      <ul className={styles.switches}>
        {checks.map(({ code, level }) => {
          const always = level === 'stop';
          return (
            <li key={code}>
              <Tick
                label={`${checkTitles[code]} · ${level}${always ? wording.alwaysOn : ''}${
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
