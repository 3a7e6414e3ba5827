import { MOST_SPREADSHEET_BYTES } from '@nadir/contract';
import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import { useRef, useState } from 'react';
import { errorSentence, useReadSpreadsheetMutation } from '../../api/api.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { MOST_ROWS, readTable } from '../../components/table-text.js';
import styles from './ImportPlan.module.css';

/** Where a table comes from: pasted, a text file, or a spreadsheet. */
export function TableSource({ onTable }: { onTable: (table: string[][]) => void }) {
  const [readSpreadsheet, { isLoading }] = useReadSpreadsheetMutation();
  const [problem, setProblem] = useState<string>();
  const [over, setOver] = useState(false);
  const input = useRef<HTMLInputElement>(null);

  function take(table: string[][], isCut = table.length >= MOST_ROWS) {
    const isEmpty = table.every((row) => row.every((cell) => cell.trim() === ''));
    if (isEmpty) {
      setProblem('There is nothing in it.');
      return;
    }
    setProblem(isCut ? `Only its first ${MOST_ROWS} rows are read.` : undefined);
    onTable(table);
  }

  async function onFile(file: File | undefined) {
    if (!file) return;
    if (file.size > MOST_SPREADSHEET_BYTES) {
      setProblem(`${file.name} is larger than a plan: 2 MB is the most. Nothing was taken.`);
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
    <div
      className={styles.source}
      data-over={over}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void onFile(event.dataTransfer.files[0]);
      }}
    >
      <OutlinedInput
        multiline
        minRows={3}
        maxRows={6}
        fullWidth
        placeholder="Paste the plan here: weeks down and days across, or a date and what is run on every line."
        slotProps={{ input: { 'aria-label': 'The plan as a table' } }}
        onPaste={(event) => {
          event.preventDefault();
          const html = event.clipboardData.getData('text/html');
          take(readTable({ html, text: event.clipboardData.getData('text/plain') }));
        }}
        onChange={({ target }) => take(readTable({ html: '', text: target.value }))}
      />
      <div className={styles.file}>
        <Button variant="outlined" disabled={isLoading} onClick={() => input.current?.click()}>
          Choose a file
        </Button>
        <span className="small muted">or drop one here: a spreadsheet (XLSX) or text (CSV)</span>
        <input
          ref={input}
          hidden
          aria-label="Choose a file"
          type="file"
          accept=".csv,.tsv,.txt,.xlsx"
          onChange={({ target }) => {
            void onFile(target.files?.[0]);
            target.value = '';
          }}
        />
      </div>
      {problem && <ErrorNote>{problem}</ErrorNote>}
    </div>
  );
}

function base64Of(bytes: ArrayBuffer): string {
  const parts: string[] = [];
  const view = new Uint8Array(bytes);
  for (let at = 0; at < view.length; at += 32_768) {
    parts.push(String.fromCharCode(...view.subarray(at, at + 32_768)));
  }
  return btoa(parts.join(''));
}
