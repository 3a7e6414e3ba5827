import type { ToldFinding } from '@nadir/core/present';
import styles from './Facts.module.css';
import { LevelMark } from './LevelMark.js';
import * as wording from './wording.js';

/** Findings in short: mark, word and sentence. */
export function FindingLines({ findings }: { findings: readonly ToldFinding[] }) {
  return (
    <section aria-label={wording.checks} className={styles.facts}>
      <h3>{wording.checks}</h3>
      {findings.length === 0 && <p className="muted">{wording.noProblemsFound}</p>}
      <ul className="plain-list">
        {findings.map(({ check, about, level, title, message, weeks }) => (
          <li key={[check, about, level, weeks].join(' ')} className={styles.line}>
            <span>
              <LevelMark level={level} />
            </span>
            <span>
              <b>{title}</b> <span className="muted">({level})</span>. {message}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
