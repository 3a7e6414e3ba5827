import {
  type ChangeRecordBody,
  type KeptEntry,
  type RecordChanged,
  type RecordQuery,
  type AthleteRecord,
  type RemovedEntry,
  morningNote,
  runEntry,
  weekReview,
} from '@nadir/contract';
import { isBlankMorning } from '@nadir/core/record';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';
import type { AthleteKey } from '../athletes/athletes.repository.js';
import { DatedNotes } from './dated-notes.js';

interface EntryRow extends AthleteKey {
  date: string;
  place: number;
  revision: number;
  entry: unknown;
  saved_at: Date;
  removed_at: Date | null;
}

type EntryChange = ChangeRecordBody['keep'][number];

/** Another revision stands where a change was made: the whole change is taken back. */
export class Stale extends Error {}

const mornings = new DatedNotes(tables.healthNotes, morningNote);
const reviews = new DatedNotes(tables.weekReviews, weekReview);

/** What was run, a row for each place of each day; mornings and reviews of weeks beside it. */
@Injectable()
export class RecordRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** @param on where it is a part of something greater */
  async between(key: AthleteKey, query: RecordQuery, on: Knex = this.knex): Promise<AthleteRecord> {
    const { from, to } = query;
    const rows = await on<EntryRow>(tables.runEntries)
      .where({ ...key, removed_at: null })
      .andWhereBetween('date', [from, to])
      .orderBy(['date', 'place']);
    const felt = await mornings.between(on, key, query);
    return {
      entries: rows.map(entryOf),
      mornings: felt.filter(({ revision: _, ...morning }) => !isBlankMorning(morning)),
      reviews: await reviews.between(on, key, query),
    };
  }

  /** When anything of the last days was saved, by athlete: what was worked out before that is out of date. */
  async savedSince(coachId: string, from: string): Promise<ReadonlyMap<string, string>> {
    const latest = new Map<string, string>();
    for (const table of [tables.runEntries, tables.healthNotes]) {
      const rows: { athlete_id: string; saved: Date; changes: string }[] = await this.knex(table)
        .where({ coach_id: coachId })
        .andWhere('date', '>=', from)
        .groupBy('athlete_id')
        .select('athlete_id')
        .max('saved_at as saved')
        .sum('revision as changes');
      for (const { athlete_id: id, saved, changes } of rows) {
        latest.set(id, `${latest.get(id) ?? ''} ${saved.getTime()}-${changes}`);
      }
    }
    return latest;
  }

  /** Changes a record, all of it or nothing; undefined where another revision stands somewhere. */
  async change(
    key: AthleteKey,
    change: ChangeRecordBody,
    at: Date,
  ): Promise<RecordChanged | undefined> {
    try {
      return await this.knex.transaction((trx) => this.changeIn(trx, key, change, at));
    } catch (error) {
      if (error instanceof Stale) return undefined;
      throw error;
    }
  }

  /**
   * The same, as a part of something greater.
   *
   * @throws Stale where another revision stands somewhere: all of it is to be taken back
   */
  changeIn(
    trx: Knex.Transaction,
    key: AthleteKey,
    change: ChangeRecordBody,
    at: Date,
  ): Promise<RecordChanged> {
    return changed(trx, key, change, at);
  }
}

async function changed(
  trx: Knex.Transaction,
  key: AthleteKey,
  change: ChangeRecordBody,
  at: Date,
): Promise<RecordChanged> {
  const removed: RemovedEntry[] = [];
  for (const { date, place, revision } of change.remove) {
    const [row] = await trx<EntryRow>(tables.runEntries)
      .where({ ...key, date, place, revision, removed_at: null })
      .update({ revision: revision + 1, removed_at: at })
      .returning('*');
    if (!row) throw new Stale();
    removed.push({ date, place, revision: row.revision });
  }
  const rows = [
    ...(await added(trx, key, change.keep, at)),
    ...(await rewritten(trx, key, change.keep, at)),
  ];
  await writeHistory(trx, key, [...rows, ...removed.map((each) => ({ ...each, entry: null }))], at);
  const answer: RecordChanged = { entries: rows.map(entryOf), removed, mornings: [], reviews: [] };
  for (const { revision, morning } of change.mornings) {
    const kept = await mornings.keep(trx, key, { revision, note: morning, at });
    if (!kept) throw new Stale();
    answer.mornings.push(kept);
  }
  for (const { revision, review } of change.reviews) {
    const kept = await reviews.keep(trx, key, { revision, note: review, at });
    if (!kept) throw new Stale();
    answer.reviews.push(kept);
  }
  return answer;
}

/** Entries that stood nowhere, in one statement: an import brings a thousand. */
async function added(
  trx: Knex.Transaction,
  key: AthleteKey,
  keep: readonly EntryChange[],
  at: Date,
): Promise<EntryRow[]> {
  const fresh = keep.filter(({ revision }) => revision === null);
  if (fresh.length === 0) return [];
  const rows = fresh.map(({ entry }) => ({
    ...key,
    date: entry.date,
    place: entry.place,
    revision: 1,
    entry: JSON.stringify(entry),
    saved_at: at,
    removed_at: null,
  }));
  const kept = await trx<EntryRow>(tables.runEntries)
    .insert(rows)
    .onConflict(['coach_id', 'athlete_id', 'date', 'place'])
    // Where one was removed there is room again.
    .merge({
      revision: trx.raw('??.revision + 1', [tables.runEntries]),
      entry: trx.raw('excluded.entry'),
      saved_at: at,
      removed_at: null,
    })
    .whereNotNull(`${tables.runEntries}.removed_at`)
    .returning('*');
  if (kept.length < fresh.length) throw new Stale();
  return kept;
}

async function rewritten(
  trx: Knex.Transaction,
  key: AthleteKey,
  keep: readonly EntryChange[],
  at: Date,
): Promise<EntryRow[]> {
  const rows: EntryRow[] = [];
  for (const { revision, entry } of keep) {
    if (revision === null) continue;
    const { date, place } = entry;
    const [row] = await trx<EntryRow>(tables.runEntries)
      .where({ ...key, date, place, revision })
      .update({
        revision: revision + 1,
        entry: JSON.stringify(entry),
        saved_at: at,
        removed_at: null,
      })
      .returning('*');
    if (!row) throw new Stale();
    rows.push(row);
  }
  return rows;
}

/** Every version stays: what was run is history. */
async function writeHistory(
  trx: Knex.Transaction,
  key: AthleteKey,
  rows: readonly Pick<EntryRow, 'date' | 'place' | 'revision' | 'entry'>[],
  at: Date,
): Promise<void> {
  if (rows.length === 0) return;
  await trx(tables.runEntryChanges).insert(
    rows.map(({ date, place, revision, entry }) => ({
      ...key,
      date,
      place,
      revision,
      entry: entry === null ? null : JSON.stringify(entry),
      at,
    })),
  );
}

function entryOf({ entry, revision }: EntryRow): KeptEntry {
  return { ...stored(runEntry, entry), revision };
}
