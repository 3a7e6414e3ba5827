import { MOST_SPREADSHEET_BYTES } from '@nadir/contract';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useState } from 'react';
import { useReadSpreadsheetMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { base64Of } from '../../components/base64.js';
import { DropZone } from '../../components/DropZone.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { MOST_ROWS, readTable } from '../../components/table-text.js';
import * as wording from './wording.js';

/** Where a table comes from: pasted, a text file, or a spreadsheet. */
export function TableSource({ onTable }: { onTable: (table: string[][]) => void }) {
  const [readSpreadsheet, { isLoading }] = useReadSpreadsheetMutation();
  const [problem, setProblem] = useState<string>();

  function take(table: string[][], isCut = table.length >= MOST_ROWS) {
    const isEmpty = table.every((row) => row.every((cell) => cell.trim() === ''));
    if (isEmpty) {
      setProblem(wording.theTableIsEmpty);
      return;
    }
    setProblem(isCut ? wording.onlyItsFirstRowsAreRead(MOST_ROWS) : undefined);
    onTable(table);
  }

  async function onFile(file: File) {
    if (file.size > MOST_SPREADSHEET_BYTES) {
      setProblem(wording.isLargerThanAnyPlan(file.name));
      return;
    }
    if (!/\.xlsx$/i.test(file.name)) {
      take(readTable({ html: '', text: await file.text() }));
      return;
    }
    const answer = await readSpreadsheet({ base64: base64Of(await file.arrayBuffer()) });
    if (answer.data) take(answer.data.rows, answer.data.isCut);
    else if ('kind' in answer.error) setProblem(errorSentence(answer.error));
  }

  return (
    <DropZone
      accept=".csv,.tsv,.txt,.xlsx"
      hint={wording.orDropAFileHere}
      disabled={isLoading}
      onFiles={([file]) => void onFile(file)}
    >
      <OutlinedInput
        multiline
        minRows={3}
        maxRows={6}
        fullWidth
        placeholder={wording.pasteThePlanHere}
        slotProps={{ input: { 'aria-label': wording.thePlanAsATable } }}
        onPaste={(event) => {
          event.preventDefault();
          const html = event.clipboardData.getData('text/html');
          take(readTable({ html, text: event.clipboardData.getData('text/plain') }));
        }}
        onChange={({ target }) => take(readTable({ html: '', text: target.value }))}
      />
      {problem && <ErrorNote>{problem}</ErrorNote>}
    </DropZone>
  );
}
