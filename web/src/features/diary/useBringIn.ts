import { MOST_TRACK_BYTES, MOST_TRACK_FILES, type RunsTableAnswer } from '@nadir/contract';
import type { CheckedBlock } from '@nadir/core';
import {
  type Activity,
  type ActivityColumn,
  type ImportProblem,
  type Match,
  matchActivities,
} from '@nadir/core/record/activities';
import { rulesOf } from '@nadir/core/rules';
import { startTransition, useMemo, useRef, useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { useRecord } from '../../components/record.js';
import { readRunsTableApart, readTracksApart } from '../../workers/tracks.js';
import { keepColumns, keptColumns } from './kept-columns.js';
import { wantedOf } from './wanted.js';
import * as wording from './wording.js';

/** A table that was read, and the text it was read from. */
type Table = NonNullable<RunsTableAnswer> & { text: string };

/** What has been brought, before any of it is taken. */
export interface BringIn {
  /** A table whose columns may be named otherwise; undefined where none was brought. */
  table: Table | undefined;
  matches: readonly Match[];
  problems: readonly ImportProblem[];
  isReading: boolean;
  bringText: (text: string) => void;
  bringFiles: (files: readonly File[]) => Promise<void>;
  bringTracks: (files: { name: string; text: string }[], source: 'file' | 'watch') => Promise<void>;
  chooseColumn: (index: number, column: ActivityColumn) => void;
  clear: () => void;
}

const NO_TABLE = wording.noColumnOfDatesWasFound;
const UNREAD = wording.itCouldNotBeRead;

/** Reads what is pasted, dropped or sent by the watch, and holds it against what is kept. */
export function useBringIn(block: CheckedBlock): BringIn {
  const { today } = useSignedIn();
  const { entries } = useRecord();
  const { unit } = block.spec.athlete;
  const [table, setTable] = useState<Table>();
  /** Of several tables on their way the last one counts. */
  const asked = useRef(0);
  const [tracks, setTracks] = useState<readonly Activity[]>([]);
  const [source, setSource] = useState<'file' | 'watch'>('file');
  const [said, setSaid] = useState<readonly ImportProblem[]>([]);
  const [isReading, setReading] = useState(false);
  const matches = useMemo(
    () =>
      matchActivities([...(table?.activities ?? []), ...tracks], entries, today, source).toSorted(
        (one, other) => one.activity.date.localeCompare(other.activity.date),
      ),
    [table, tracks, entries, today, source],
  );

  /** What the coach said of such a table before is asked of it again. */
  async function bringText(text: string, name = wording.theTable, columns?: ActivityColumn[]) {
    const turn = ++asked.current;
    setReading(true);
    try {
      const guessed = await readRunsTableApart({ text, unit, columns });
      const kept = columns ? undefined : keptColumns(guessed?.names ?? []);
      const read = kept ? await readRunsTableApart({ text, unit, columns: kept }) : guessed;
      if (turn !== asked.current) return;
      if (read) {
        setSource('file');
        startTransition(() => setTable({ ...read, text }));
      } else say(name, NO_TABLE);
    } catch {
      if (turn === asked.current) say(name, UNREAD);
    } finally {
      if (turn === asked.current) setReading(false);
    }
  }

  function say(where: string, message: string) {
    setSaid((before) => [...before, { where, message }]);
  }

  async function bringTracks(files: { name: string; text: string }[], from: 'file' | 'watch') {
    setReading(true);
    try {
      const zone = -new Date().getTimezoneOffset();
      const wanted = wantedOf(block, rulesOf(block.spec));
      const answer = await readTracksApart({ files, unit, zone, ...wanted });
      setSource(from);
      startTransition(() => setTracks((before) => [...before, ...answer.activities]));
      setSaid((before) => [...before, ...answer.problems]);
    } catch {
      say('', UNREAD);
    } finally {
      setReading(false);
    }
  }

  async function bringFiles(files: readonly File[]) {
    const tooLarge = files.filter(({ size }) => size > MOST_TRACK_BYTES);
    const many = files.length > MOST_TRACK_FILES;
    setSaid([
      ...tooLarge.map(({ name }) => ({ where: name, message: wording.itIsLargerThan40Mb })),
      ...(many ? [{ where: '', message: wording.onlyTheFirstFilesAreRead(MOST_TRACK_FILES) }] : []),
    ]);
    const read: { name: string; text: string }[] = [];
    for (const file of files.slice(0, MOST_TRACK_FILES)) {
      if (file.size > MOST_TRACK_BYTES) continue;
      const text = await file.text();
      if (/\.(csv|tsv|txt)$/i.test(file.name)) await bringText(text, file.name);
      else read.push({ name: file.name, text });
    }
    if (read.length > 0) await bringTracks(read, 'file');
  }

  return {
    table,
    matches,
    problems: [...said, ...(table?.problems ?? [])],
    isReading,
    bringText: (text) => {
      setSaid([]);
      if (text.trim() !== '') void bringText(text);
      else {
        asked.current++;
        setTable(undefined);
      }
    },
    bringFiles,
    bringTracks,
    chooseColumn(index, column) {
      if (!table) return;
      const columns = table.columns.map((each, place) => {
        if (place === index) return column;
        return each === column ? 'nothing' : each;
      });
      keepColumns(table.names, columns);
      void bringText(table.text, undefined, columns);
    },
    clear() {
      asked.current++;
      setTable(undefined);
      setTracks([]);
      setSaid([]);
    },
  };
}
