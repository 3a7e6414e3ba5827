import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import type { ToldFinding } from '@nadir/core/present';
import { memo, useState } from 'react';
import { Fold } from '../../components/Fold.js';
import type { Commands } from '../useCommands.js';
import styles from './Checks.module.css';
import { MyRules } from './MyRules.js';
import { FindingItem } from './FindingItem.js';
import { unwaived, verdictWords, weeksToCome } from './finding-words.js';
import * as wording from '../wording.js';

/** What the block is told about itself: the verdict, then what is to come, worst first; history folded. */
export const Checks = memo(function Checks({
  block,
  shown,
  measure,
  today,
  commands,
  onLight,
}: {
  /** The block as it stands: what is listed, and fixed. */
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
  const coming = weeksToCome(block, today);
  const isDone = !coming && standing.length === 0;
  const item = (finding: ToldFinding) => {
    const { check, about, level, weeks } = finding;
    const key = [check, about, level, weeks].join(' ');
    return (
      <FindingItem
        key={key}
        finding={finding}
        block={block}
        coming={coming}
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
    <section aria-label={wording.checks}>
      <h2 className={`display ${styles.verdict ?? ''}`}>
        {isDone ? wording.theRaceHasBeenRun : verdictWords(block.findings)}
      </h2>
      {/* One line in the place of another: what is under the hand stays there. */}
      <p className={styles.since}>
        {shown === undefined ? sinceWords(coming, isDone) : wording.withThisChange(shown)}
      </p>
      <ul className="plain-list">{standing.map(item)}</ul>
      {standing.length >= MANY && (
        <MyRules block={block} unit={measure.unit} today={today} commands={commands} />
      )}
      <Folded title={wording.waived} count={waived.length}>
        {waived.map(item)}
      </Folded>
      <Folded title={wording.alreadyRun} count={over.length}>
        {over.map(item)}
      </Folded>
      {off > 0 && <p className="small muted">{wording.checksTurnedOffInTheHouseRules(off)}</p>}
    </section>
  );
});

function sinceWords(coming: ReturnType<typeof weeksToCome>, isDone: boolean): string {
  if (!coming) return isDone ? wording.whatFollowsIsInTheDiary : wording.theRaceHasBeenRun;
  const { from, to } = coming;
  return from === to ? wording.week(from) : wording.weeksTo(from, to);
}

/** Findings from which a coach may well coach otherwise than the rules say. */
const MANY = 3;

function Folded({
  title,
  count,
  children,
}: {
  title: string;
  count: number;
  children: React.ReactNode;
}) {
  if (count === 0) return null;
  return (
    <Fold title={`${title} (${count})`}>
      <ul className="plain-list">{children}</ul>
    </Fold>
  );
}
