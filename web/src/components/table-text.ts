import Papa from 'papaparse';

/** Longer than any block, wider than any sheet: what is beyond is not read. */
export const MOST_ROWS = 400;
const MOST_COLUMNS = 40;
/** A session is not longer. */
const MOST_CHARACTERS = 2000;

/** Rows of a table on the clipboard: of a web page or spreadsheet, else of text with tabs or commas. */
export function readTable({ html, text }: { html: string; text: string }): string[][] {
  const rows = /<t[dh][\s>]/i.test(html) ? rowsOfHtml(html) : rowsOfText(text);
  return rows
    .slice(0, MOST_ROWS)
    .map((cells) =>
      cells.slice(0, MOST_COLUMNS).map((cell) => cell.slice(0, MOST_CHARACTERS).trim()),
    );
}

/** Rows of a text file of any length: parted by tabs, semicolons or commas, whichever it has most of. */
export function readRows(text: string): string[][] {
  const delimiters = ['\t', ';', ','];
  const first = text.slice(0, text.indexOf('\n') + 1 || undefined);
  const [delimiter] = delimiters.toSorted(
    (one, other) => first.split(other).length - first.split(one).length,
  );
  return Papa.parse<string[]>(text.trim(), { delimiter }).data;
}

function rowsOfHtml(html: string): string[][] {
  const table = new DOMParser().parseFromString(html, 'text/html').querySelector('table');
  return [...(table?.rows ?? [])].map((row) =>
    [...row.cells].flatMap((cell) => [
      linesOf(cell),
      ...Array.from({ length: Math.min(MOST_COLUMNS, cell.colSpan) - 1 }, () => ''),
    ]),
  );
}

/** The words of a cell; a line of its own is a part of its own. */
function linesOf(cell: HTMLTableCellElement): string {
  const copy = cell.cloneNode(true) as HTMLTableCellElement;
  for (const line of copy.querySelectorAll('br')) line.replaceWith(LINE);
  for (const block of copy.querySelectorAll('p, div, li')) block.append(LINE);
  const words = copy.textContent.replace(/\s+/g, ' ').trim();
  return words.replaceAll(/ ?\uE000 ?/g, '\n').trim();
}

/** Ends a line; no coach types it. */
const LINE = '\uE000';

/** Two cells with a comma between would be a number with a decimal. */
const LEAST_CELLS = 3;

/** Commas part cells where they stand as in a file; a session has spaces behind its own. */
function rowsOfText(text: string): string[][] {
  const lines = text.replace(/\r?\n$/, '');
  const rows = (delimiter: string) => Papa.parse<string[]>(lines, { delimiter }).data;
  if (lines.includes('\t')) return rows('\t');
  const piped = rowsOfPipes(lines.split(/\r?\n/));
  if (piped) return piped;
  const byCommas = rows(',');
  const width = byCommas[0]?.length ?? 0;
  const isFile =
    width >= LEAST_CELLS &&
    byCommas.every((row) => row.length === width && !row.some((cell) => cell.startsWith(' ')));
  return isFile ? byCommas : rows('\t');
}

/** `| Mon | Tue |`, as tables stand in notes; the line below its headings is none of it. */
function rowsOfPipes(lines: readonly string[]): string[][] | undefined {
  const told = lines.filter((line) => line.trim() !== '');
  if (told.length < 2 || !told.every((line) => line.split('|').length > LEAST_CELLS)) {
    return undefined;
  }
  return told
    .filter((line) => !/^[\s|:–-]+$/.test(line))
    .map((line) =>
      line
        .trim()
        .replace(/^\||\|$/g, '')
        .split('|'),
    );
}

/** A table for the clipboard, as a spreadsheet takes it and as it is pasted back. */
export function writeTable(rows: readonly (readonly string[])[]): { html: string; text: string } {
  const cells = (row: readonly string[]) => row.map((cell) => `<td>${escaped(cell)}</td>`).join('');
  return {
    text: Papa.unparse(
      rows.map((row) => [...row]),
      { delimiter: '\t', newline: '\n' },
    ),
    html: `<table>${rows.map((row) => `<tr>${cells(row)}</tr>`).join('')}</table>`,
  };
}

function escaped(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
}
