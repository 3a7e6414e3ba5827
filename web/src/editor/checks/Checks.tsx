import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import type { ToldFinding } from '@nadir/core/present';
import { memo, useState } from 'react';
import { token } from '../../theme/tokens.js';
import { plural } from '../../components/dates.js';
import { FindingItem } from './FindingItem.js';
import { findingWords, unwaived } from './finding-words.js';
import type { Commands } from '../useCommands.js';

/** What the block is told about itself, worst first; a check in focus lights its weeks. */
export const Checks = memo(function Checks({
  block,
  shown,
  measure,
  today,
  commands,
  onLight,
}: {
  /** The block as it stands: what is listed, and mended. */
  block: CheckedBlock;
  /** What the checks would say of a change that is only shown. */
  shown: string | undefined;
  measure: Measure;
  today: string;
  commands: Commands;
  onLight: (weeks: readonly number[], dates?: readonly string[]) => void;
}) {
  const [open, setOpen] = useState<string>();
  const standing = unwaived(block.findings);
  const waived = block.findings.filter(({ waived: reason, past }) => reason !== undefined && !past);
  const over = block.findings.filter(({ past }) => past);
  const off = block.spec.houseRules.off.length + block.spec.overrides.off.length;
  const item = (finding: ToldFinding) => {
    const { check, about, level, weeks } = finding;
    const key = [check, about, level, weeks].join(' ');
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
          {findingWords(block.findings)}
          {shown !== undefined && ` → ${shown}`}
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
      {over.length > 0 && (
        <>
          <h3 style={{ margin: '12px 0 0', fontSize: 13, fontWeight: 600 }}>Already run</h3>
          <ul className="findings">{over.map(item)}</ul>
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
