import Button from '@mui/material/Button';
import { MOST_SPREADSHEET_BYTES } from '@nadir/contract';
import { dayWords, plural } from '@nadir/core/base/format';
import { type SheetWriting, writeCells } from '@nadir/core/edit/sheet';
import { cameBack, type Handout } from '@nadir/core/present/handout';
import { useState } from 'react';
import { useReadSpreadsheetMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { base64Of } from '../../components/base64.js';
import { DropZone } from '../../components/DropZone.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { useDaysOver } from '../../components/history.js';
import { useSay } from '../../components/messages.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { useCommands } from '../../editor/useCommands.js';
import styles from './Handouts.module.css';
import * as wording from './wording.js';

/** What a workbook that came back would change, before it is taken. */
interface Brought {
  writing: SheetWriting;
  /** `Tue 9 Feb: 14`, cell by cell. */
  lines: string[];
  outside: number;
}

const MOST_SAID = 6;

/** A workbook that was changed comes back: what differs is said, and taken only if the coach takes it. */
export function TakeBack({ handout, base }: { handout: Handout; base: LaidAndShown }) {
  const [readSpreadsheet, { isLoading }] = useReadSpreadsheetMutation();
  const [brought, setBrought] = useState<Brought>();
  const [problem, setProblem] = useState<string>();
  const commands = useCommands();
  const over = useDaysOver();
  const say = useSay();

  async function bring(file: File) {
    setBrought(undefined);
    setProblem(undefined);
    if (file.size > MOST_SPREADSHEET_BYTES) {
      setProblem(wording.isLargerThanAnyWorkbook(file.name));
      return;
    }
    const base64 = base64Of(await file.arrayBuffer());
    const { data, error } = await readSpreadsheet({ base64, sheet: wording.days });
    const failed = callError(error);
    if (failed) setProblem(errorSentence(failed));
    const found = data && cameBack(handout, data.rows);
    if (typeof found === 'string') setProblem(found);
    else if (found) {
      setBrought({
        writing: writeCells(base.block, found.cells, base.shown.measure, { over }),
        lines: found.cells.map(
          ({ cell, text }) => `${cell.kind === 'day' ? dayWords(cell.date) : ''}: ${text}`,
        ),
        outside: found.outside,
      });
    }
  }

  function take() {
    const command = brought?.writing.command;
    if (!command) return;
    const problems = commands.run(command);
    const [first] = problems;
    if (first) setProblem(first.message);
    else {
      say({ text: command.message });
      setBrought(undefined);
    }
  }

  return (
    <div className={styles.subscription}>
      <DropZone
        accept=".xlsx"
        hint={wording.aWorkbookThatWasChanged}
        disabled={isLoading}
        onFiles={([file]) => void bring(file)}
      />
      {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
      {brought && (
        <section aria-label={wording.whatCameBack} className={styles.address}>
          <Verdict {...brought} />
          <div className={styles.acts}>
            <Button variant="outlined" disabled={brought.writing.taken === 0} onClick={take}>
              {wording.takeCells(brought.writing.taken)}
            </Button>
            <Button onClick={() => setBrought(undefined)}>{wording.leaveIt}</Button>
          </div>
        </section>
      )}
    </div>
  );
}

function Verdict({ writing: { untaken }, lines, outside }: Brought) {
  const [first] = untaken;
  return (
    <div role="status">
      {lines.length === 0
        ? wording.nothingDiffers
        : `${plural(lines.length, 'cell')} ${lines.length === 1 ? wording.differs : wording.differ}:`}
      <ul className="plain-list small">
        {lines.slice(0, MOST_SAID).map((line) => (
          <li key={line}>{line}</li>
        ))}
        {lines.length > MOST_SAID && <li>{wording.andMore(lines.length - MOST_SAID)}</li>}
      </ul>
      {first && (
        <p className="small grave">
          {wording.cellsCannotBeTakenAndWillStay(untaken.length, first.problem)}
        </p>
      )}
      {outside > 0 && <p className="small">{wording.rowsOfDaysBeyondTheBlock(outside)}</p>}
    </div>
  );
}
