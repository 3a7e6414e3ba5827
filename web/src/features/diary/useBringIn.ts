import { MOST_TRACK_BYTES, MOST_TRACK_FILES } from '@nadir/contract';
import type { CheckedBlock } from '@nadir/core';
import {
  type Activity,
  type ActivityColumn,
  type ActivityTable,
  guessActivityColumns,
  type ImportProblem,
  type Match,
  matchActivities,
  readActivities,
} from '@nadir/core/record/activities';
import { rulesOf } from '@nadir/core/rules';
import { useMemo, useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { useRecord } from '../../components/record.js';
import { readRows } from '../../components/table-text.js';
import { readTracksApart } from '../../workers/tracks.js';
import { keepColumns, keptColumns } from './kept-columns.js';
import { wantedOf } from './wanted.js';

/** What has been brought, before any of it is taken. */
export interface BringIn {
  /** A table whose columns may be named otherwise; undefined where none was brought. */
  table: ActivityTable | undefined;
  matches: readonly Match[];
  problems: readonly ImportProblem[];
  isReading: boolean;
  bringText: (text: string) => void;
  bringFiles: (files: readonly File[]) => Promise<void>;
  bringTracks: (files: { name: string; text: string }[], source: 'file' | 'watch') => Promise<void>;
  chooseColumn: (index: number, column: ActivityColumn) => void;
  clear: () => void;
}

/** Reads what is pasted, dropped or sent by the watch, and holds it against what is kept. */
export function useBringIn(block: CheckedBlock): BringIn {
  const { today } = useSignedIn();
  const { entries } = useRecord();
  const { unit } = block.spec.athlete;
  const [table, setTable] = useState<ActivityTable>();
  const [tracks, setTracks] = useState<readonly Activity[]>([]);
  const [source, setSource] = useState<'file' | 'watch'>('file');
  const [said, setSaid] = useState<readonly ImportProblem[]>([]);
  const [isReading, setReading] = useState(false);
  const read = useMemo(() => table && readActivities(table, unit), [table, unit]);
  const matches = useMemo(
    () =>
      matchActivities([...(read?.activities ?? []), ...tracks], entries, today, source).toSorted(
        (one, other) => one.activity.date.localeCompare(other.activity.date),
      ),
    [read, tracks, entries, today, source],
  );

  function bringText(text: string, name = 'the table') {
    const rows = readRows(text);
    const shape = guessActivityColumns(rows);
    if (!shape) {
      const message =
        'No column of dates was found, or none of distances or times. Give the columns headings: Date, Distance, Time.';
      setSaid((before) => [...before, { where: name, message }]);
      return;
    }
    const columns = keptColumns(rows[shape.head] ?? []) ?? shape.columns;
    setSource('file');
    setTable({ rows, head: shape.head, columns });
  }

  async function bringTracks(files: { name: string; text: string }[], from: 'file' | 'watch') {
    setReading(true);
    try {
      const zone = -new Date().getTimezoneOffset();
      const wanted = wantedOf(block, rulesOf(block.spec));
      const answer = await readTracksApart({ files, unit, zone, ...wanted });
      setSource(from);
      setTracks((before) => [...before, ...answer.activities]);
      setSaid((before) => [...before, ...answer.problems]);
    } catch {
      const message = 'The files could not be read on this device. Nothing was taken.';
      setSaid((before) => [...before, { where: '', message }]);
    } finally {
      setReading(false);
    }
  }

  async function bringFiles(files: readonly File[]) {
    const tooLarge = files.filter(({ size }) => size > MOST_TRACK_BYTES);
    const many = files.length > MOST_TRACK_FILES;
    setSaid([
      ...tooLarge.map(({ name }) => ({ where: name, message: 'It is larger than 40 MB.' })),
      ...(many
        ? [{ where: '', message: `Only the first ${MOST_TRACK_FILES} files are read.` }]
        : []),
    ]);
    const read: { name: string; text: string }[] = [];
    for (const file of files.slice(0, MOST_TRACK_FILES)) {
      if (file.size > MOST_TRACK_BYTES) continue;
      const text = await file.text();
      if (/\.(csv|tsv|txt)$/i.test(file.name)) bringText(text, file.name);
      else read.push({ name: file.name, text });
    }
    if (read.length > 0) await bringTracks(read, 'file');
  }

  return {
    table,
    matches,
    problems: [...said, ...(read?.problems ?? [])],
    isReading,
    bringText: (text) => {
      setSaid([]);
      if (text.trim() === '') setTable(undefined);
      else bringText(text);
    },
    bringFiles,
    bringTracks,
    chooseColumn(index, column) {
      if (!table) return;
      const columns = table.columns.map((each, place) => {
        if (place === index) return column;
        return each === column ? 'nothing' : each;
      });
      keepColumns(table.rows[table.head] ?? [], columns);
      setTable({ ...table, columns });
    },
    clear() {
      setTable(undefined);
      setTracks([]);
      setSaid([]);
    },
  };
}
