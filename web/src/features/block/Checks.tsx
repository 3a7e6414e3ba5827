import { type Block, type Finding, type Measure, levels } from '@nadir/core';
import { memo, useState } from 'react';
import { token } from '../../look/tokens.js';
import { plural } from '../../parts/dates.js';
import { FindingItem } from './FindingItem.js';
import type { Commands } from './useCommands.js';

/** What the block is told about itself, worst first; a check in focus lights its weeks. */
export const Checks = memo(function Checks({
  block,
  drawn,
  measure,
  today,
  commands,
  onLight,
}: {
  /** The block as it stands: what is listed, and mended. */
  block: Block;
  /** The block as it is drawn, which may be a change that is only shown. */
  drawn: Block;
  measure: Measure;
  today: string;
  commands: Commands;
  onLight: (weeks: readonly number[]) => void;
}) {
  const [open, setOpen] = useState<string>();
  const standing = unwaived(block);
  const waived = block.findings.filter((finding) => finding.waived !== undefined);
  const off = block.wishes.houseRules.off.length + block.wishes.overrides.off.length;
  const item = (finding: Finding) => {
    const key = `${finding.check} ${finding.weeks.join()}`;
    return (
      <FindingItem
        key={key}
        finding={finding}
        block={block}
        measure={measure}
        today={today}
        commands={commands}
        open={open === key}
        onOpen={() => setOpen(open === key ? undefined : key)}
        onLight={onLight}
      />
    );
  };
  return (
    <section aria-label="Checks">
      <header
        style={{ display: 'flex', alignItems: 'baseline', justifyContent: 'space-between', gap: 8 }}
      >
        <h2 className="display">Checks</h2>
        <span style={{ color: token('muted'), fontSize: 12.5 }}>
          {countWords(standing)}
          {drawn !== block && ` → ${countWords(unwaived(drawn)) || 'nothing'}`}
        </span>
      </header>
      {standing.length === 0 && (
        <p style={{ color: token('muted') }}>
          Nothing found. The block keeps every rule that was asked of it.
        </p>
      )}
      <ul className="findings">{standing.map(item)}</ul>
      {waived.length > 0 && (
        <>
          <h3 style={{ margin: '12px 0 0', fontSize: 13, fontWeight: 600 }}>Waived</h3>
          <ul className="findings">{waived.map(item)}</ul>
        </>
      )}
      {off > 0 && (
        <p style={{ color: token('muted'), fontSize: 12.5 }}>
          {plural(off, 'check')} turned off in the house rules.
        </p>
      )}
    </section>
  );
});

function unwaived({ findings }: Block): Finding[] {
  return findings.filter(({ waived }) => waived === undefined);
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
