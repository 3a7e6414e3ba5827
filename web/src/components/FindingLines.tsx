import type { ToldFinding } from '@nadir/core/present';
import { token } from '../theme/tokens.js';
import { LevelMark } from './LevelMark.js';

/** Findings in short: mark, word and sentence. */
export function FindingLines({ findings }: { findings: readonly ToldFinding[] }) {
  return (
    <section aria-label="Checks" style={{ fontSize: 13 }}>
      <h2 style={{ margin: '14px 0 4px', fontSize: 14, fontWeight: 600 }}>Checks</h2>
      {findings.length === 0 && <p style={{ margin: 0, color: token('muted') }}>Nothing found.</p>}
      <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {findings.map(({ check, about, level, title, message, weeks }) => (
          <li
            key={[check, about, level, weeks].join(' ')}
            style={{ display: 'grid', gridTemplateColumns: '20px 1fr', padding: '2px 0' }}
          >
            <span style={{ paddingTop: 1 }}>
              <LevelMark level={level} />
            </span>
            <span>
              <b style={{ fontWeight: 600 }}>{title}</b>{' '}
              <span style={{ color: token('muted') }}>({level})</span>. {message}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
