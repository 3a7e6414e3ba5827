import { type Finding, levels } from '@nadir/core';
import { token } from '../../look/tokens.js';
import { plural } from '../../parts/dates.js';
import { LevelMark } from '../../parts/LevelMark.js';

/** What the block is told about itself, worst first; a check in focus lights its weeks. */
export function Checks({
  findings,
  onLight,
}: {
  findings: readonly Finding[];
  onLight: (weeks: readonly number[]) => void;
}) {
  return (
    <section aria-label="Checks">
      <header
        style={{ display: 'flex', alignItems: 'baseline', justifyContent: 'space-between', gap: 8 }}
      >
        <h2 className="display">Checks</h2>
        <span style={{ color: token('muted'), fontSize: 12.5 }}>{countWords(findings)}</span>
      </header>
      {findings.length === 0 && (
        <p style={{ color: token('muted') }}>
          Nothing found. The block keeps every rule that was asked of it.
        </p>
      )}
      <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {findings.map((finding) => (
          <li
            key={`${finding.check} ${finding.weeks.join()}`}
            style={{ borderBottom: `1px solid ${token('hairline')}` }}
          >
            <button
              type="button"
              onFocus={() => onLight(finding.weeks)}
              onMouseEnter={() => onLight(finding.weeks)}
              onBlur={() => onLight([])}
              onMouseLeave={() => onLight([])}
              style={{
                all: 'unset',
                boxSizing: 'border-box',
                width: '100%',
                padding: '8px 0',
                cursor: 'default',
                display: 'grid',
                gridTemplateColumns: '20px 1fr',
              }}
              className="check"
            >
              <span style={{ paddingTop: 2 }}>
                <LevelMark level={finding.level} />
              </span>
              <span>
                <b style={{ fontWeight: 600 }}>{finding.title}</b>
                <span
                  style={{
                    display: 'block',
                    fontSize: 12.5,
                    color: token(finding.level === 'note' ? 'muted' : 'signal'),
                  }}
                >
                  {finding.level} · {weekWords(finding.weeks)}
                  {finding.waived !== undefined && ` · waived: ${finding.waived}`}
                </span>
                <span style={{ display: 'block', fontSize: 13 }}>{finding.message}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function countWords(findings: readonly Finding[]): string {
  const counts = levels.map((level) => ({
    level,
    count: findings.filter((found) => found.level === level).length,
  }));
  return counts
    .filter(({ count }) => count > 0)
    .map(({ level, count }) => plural(count, level))
    .join(' · ');
}

/** `[3]` → `week 3`; `[3, 4, 5]` → `weeks 3–5`; `[3, 5]` → `weeks 3, 5`; many → the ends. */
function weekWords(weeks: readonly number[]): string {
  const first = weeks[0];
  const last = weeks.at(-1);
  if (first === undefined || first === last) return `week ${first ?? ''}`;
  const unbroken = Number(last) - first === weeks.length - 1;
  return unbroken || weeks.length > 5 ? `weeks ${first}–${last}` : `weeks ${weeks.join(', ')}`;
}
