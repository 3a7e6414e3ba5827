/** What a column of a spreadsheet of runs holds. */
export const activityColumns = [
  'date',
  'start',
  'kind',
  'distance',
  'time',
  'pace',
  'heart',
  'effort',
  'note',
  'nothing',
] as const;
export type ActivityColumn = (typeof activityColumns)[number];

export const activityColumnWords: Readonly<Record<ActivityColumn, string>> = {
  date: 'Date',
  start: 'Start',
  kind: 'Kind',
  distance: 'Distance',
  time: 'Time',
  pace: 'Pace',
  heart: 'Heart rate',
  effort: 'Effort',
  note: 'Note',
  nothing: 'Not used',
};

/** The column names that spreadsheets have, in several languages of their makers. */
const HEADS: readonly (readonly [RegExp, ActivityColumn])[] = [
  [/^(?:date|day|when|datum|fecha|data|activity date|date.?time|started?(?: at)?)$/, 'date'],
  [/^(?:start|start time|began|uhrzeit|hora|heure)$/, 'start'],
  [/^(?:kind|type|sport|activity type|activity|art|tipo|discipline)$/, 'kind'],
  [
    /^(?:distance|dist|km|kms|kilomet(?:re|er)s?|mi|miles|metres|meters|strecke|distanz|distancia|distanza)$/,
    'distance',
  ],
  [
    /^(?:time|duration|moving time|elapsed time|min|minutes|dauer|zeit|tiempo|durée|duree|durata|tempo totale)$/,
    'time',
  ],
  [/^(?:pace|avg pace|average pace|min\/km|min\/mi|tempo|ritmo|allure)$/, 'pace'],
  [/^(?:hr|heart|heart rate|avg hr|average heart rate|mean heart rate|bpm|puls|fc)$/, 'heart'],
  [/^(?:effort|rpe|perceived effort|exertion|feeling 1-10)$/, 'effort'],
  [/^(?:note|notes|comment|comments|description|remarks?|title|name|notiz|nota)$/, 'note'],
];

/** What the columns of a table seem to hold, and in which row their names stand; undefined without a date. */
export function guessActivityColumns(
  rows: readonly (readonly string[])[],
): { head: number; columns: ActivityColumn[] } | undefined {
  for (const [head, row] of rows.slice(0, MOST_HEAD).entries()) {
    const columns = row.map(columnOf);
    const once = columns.map((column, index) =>
      column !== 'nothing' && columns.indexOf(column) < index ? 'nothing' : column,
    );
    if (once.includes('date') && once.some((each) => each === 'distance' || each === 'time')) {
      return { head, columns: once };
    }
  }
  return undefined;
}

/** Rows over a table in which its names may stand. */
const MOST_HEAD = 10;

function columnOf(cell: string): ActivityColumn {
  const words = cell
    .trim()
    .toLowerCase()
    .replace(/\s*[([].*$/, '')
    .replace(/[:.]$/, '');
  return HEADS.find(([pattern]) => pattern.test(words))?.[1] ?? 'nothing';
}

/** The unit that the name of a distance column says: `Distance (mi)`, `km`. */
export function unitInName(cell: string): 'km' | 'mi' | 'm' | undefined {
  const words = cell.toLowerCase();
  if (/\b(?:mi|miles?)\b/.test(words)) return 'mi';
  if (/\b(?:km|kms|kilomet(?:re|er)s?)\b/.test(words)) return 'km';
  return /\b(?:m|metres|meters)\b/.test(words) ? 'm' : undefined;
}
