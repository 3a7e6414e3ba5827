import Button from '@mui/material/Button';
import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import type { Fix } from '@nadir/core/edit/fixes';
import type { ToldFinding } from '@nadir/core/present';
import { useCallback } from 'react';
import { useWhenIdle } from '../../components/useWhenIdle.js';
import { fixCommand, useFixes } from '../../editor/checks/Mending.js';
import type { Commands } from '../../editor/useCommands.js';
import { useShownWhilePointedAt } from '../../editor/useShownWhilePointedAt.js';
import styles from './Sheet.module.css';

/** The best fix of what was found in a week, drawn while it is pointed at; the others stand beside the drawing. */
export function RowFix({
  finding,
  block,
  measure,
  today,
  commands,
}: {
  finding: ToldFinding;
  block: CheckedBlock;
  measure: Measure;
  today: string;
  commands: Commands;
}) {
  const fixesOf = useFixes({ block, measure, today });
  const fixes = useWhenIdle(useCallback(() => fixesOf(finding), [fixesOf, finding]));
  const best = fixes?.[0];
  return best && <FixButton finding={finding} fix={best} commands={commands} />;
}

function FixButton({
  finding,
  fix,
  commands,
}: {
  finding: ToldFinding;
  fix: Fix;
  commands: Commands;
}) {
  const pointedAt = useShownWhilePointedAt(commands, () => fixCommand(finding, fix));
  return (
    <Button
      className={styles.fix}
      {...pointedAt}
      onClick={() => commands.run(fixCommand(finding, fix))}
      // Keys of the grid are for its cells.
      onKeyDown={(event) => event.stopPropagation()}
    >
      {fix.label}
    </Button>
  );
}
