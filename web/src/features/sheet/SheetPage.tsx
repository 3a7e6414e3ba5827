import Button from '@mui/material/Button';
import type { BlockFile } from '@nadir/contract';
import { addDays } from '@nadir/core/base';
import { rowStart } from '@nadir/core/present';
import { glanceOf } from '@nadir/core/present/figures';
import type { GivesWay } from '@nadir/core/edit/sheet';
import { useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { shortWeekday } from '../../components/dates.js';
import { useDaysOver } from '../../components/history.js';
import { type LaidAndShown, useLaidBlock, useShownChange } from '../../components/useLaidBlock.js';
import { useOwnAims } from '../../components/useOwnAims.js';
import { useReview } from '../../components/useReview.js';
import { weekOf } from '../../drawing/days.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { InEditor } from '../../editor/InEditor.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import { useAnswers } from '../../editor/useAnswers.js';
import { PasteBar } from '../../editor/PasteBar.js';
import { type Commands, useCommands } from '../../editor/useCommands.js';
import { fixedAt, standing } from './found-at.js';
import { RowFix } from './RowFix.js';
import styles from './Sheet.module.css';
import { SheetGrid } from './SheetGrid.js';
import { plannedOn, ranOf } from './sheet-ran.js';
import { DAYS, sheetRows } from './sheet-rows.js';
import { SheetTop } from './SheetTop.js';
import { useSheet } from './useSheet.js';
import * as wording from './wording.js';

/** The whole block as coaches write it: weeks down and days across. */
export function SheetPage() {
  const { id = '' } = useParams();
  return (
    <InEditor id={id}>{(file, preview) => <OpenSheet file={file} preview={preview} />}</InEditor>
  );
}

function OpenSheet({ file, preview }: { file: BlockFile; preview: BlockFile | null }) {
  const { today } = useSignedIn();
  const base = useLaidBlock(file);
  const { block, shown } = useShownChange(preview, base);
  const over = useDaysOver();
  const commands = useCommands();
  const reviewed = useReview(base);
  const ran = useMemo(() => ranOf(reviewed, plannedOn(base)), [reviewed, base]);
  const asked = useOwnAims(file);
  const beside = useMemo(() => ({ over, ran, asked }), [over, ran, asked]);
  const kept = useMemo(() => sheetRows(base.block, base.shown, beside), [base, beside]);
  const rows = useMemo(
    () => (block === base.block ? kept : sheetRows(block, shown, beside)),
    [block, shown, beside, base, kept],
  );
  const fixes = useFixesOf(base, over, commands);
  const now = weekOf(block.weeks, today);
  const [givesWay, setGivesWay] = useState<GivesWay>('days');
  const sheet = useSheet(base.block, kept, base.shown.measure, commands, {
    first: (now ?? 1) - 1,
    givesWay,
    over,
  });
  const glance = useMemo(() => glanceOf(block, [], shown, today), [block, shown, today]);
  const { athlete } = block.spec;
  useAnswers(base);
  useEffect(() => {
    document.title = wording.sheetOfNadir(athlete.name || wording.aBlock);
  }, [athlete.name]);
  const weekdays = useMemo(() => {
    const first = rowStart(block);
    return Array.from({ length: DAYS }, (_, day) => shortWeekday(addDays(first, day)));
  }, [block]);
  return (
    <>
      <OpenBlockTitle spec={base.block.spec} view={wording.sheet}>
        <ChoiceAnswer<GivesWay>
          label={wording.whenADayChanges}
          value={givesWay}
          choices={[
            ['days', wording.aDayMovesTheOthers],
            ['volume', wording.aDayMovesItsWeek],
          ]}
          onAnswer={setGivesWay}
        />
        <Button variant="outlined" onClick={() => window.print()}>
          {wording.print}
        </Button>
      </OpenBlockTitle>
      <main className={styles.main}>
        <SheetTop glance={glance} today={today} column={sheet.cursor.at.column} />
        <SheetGrid
          rows={rows}
          shown={shown}
          weekdays={weekdays}
          now={now}
          sheet={sheet}
          fixes={sheet.typed === undefined ? fixes : undefined}
        />
      </main>
      <PasteBar pasting={sheet.pasting} />
      <ConflictDialog />
    </>
  );
}

/** What the checks found in the block as it stands, each at the row it is fixed from. */
function useFixesOf(
  { block, shown: { measure } }: LaidAndShown,
  over: ReadonlySet<string>,
  commands: Commands,
) {
  const { today } = useSignedIn();
  return useMemo(() => {
    const isOver = (week: number) =>
      block.weeks[week - 1]?.days.every(({ date }) => over.has(date)) ?? false;
    const fixed = [...fixedAt(standing(block), isOver)].map(([week, finding]) => {
      const fix = <RowFix {...{ finding, block, measure, today, commands }} />;
      return [week, { finding, fix }] as const;
    });
    return new Map(fixed);
  }, [block, measure, over, today, commands]);
}
