import type { Flags } from '@nadir/contract';
import { checks } from '@nadir/core/checks';
import { checkTitles } from '@nadir/core/present';
import { memo } from 'react';
import { Tick } from '../../components/Tick.js';
import styles from './HouseRules.module.css';
import { flagWords } from './flag-words.js';
import * as wording from './wording.js';

/** Which checks are made. What could hurt someone is always looked at. */
export const ChecksSwitches = memo(function ChecksSwitches({
  off = [],
  flags,
  onTurn,
}: {
  off: readonly string[] | undefined;
  flags: Flags | undefined;
  onTurn: (check: string, on: boolean) => void;
}) {
  return (
    <section aria-label={wording.checks}>
      <h2 className="display">{wording.checks}</h2>
      <p className="muted">{wording.aCheckThatIsTurnedOff}</p>
      <ul className={styles.switches}>
        {checks.map(({ code, level }) => {
          const always = level === 'stop';
          const isOff = off.includes(code) && !always;
          const found = isOff ? '' : flagWords(flags, [code]);
          return (
            <li key={code}>
              <Tick
                label={`${checkTitles[code]} · ${level}${always ? wording.alwaysOn : ''}${found && `, ${found}`}`}
                checked={!isOff}
                disabled={always}
                onAnswer={(on) => onTurn(code, on)}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
});
