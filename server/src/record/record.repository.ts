import {
  type KeepEntryBody,
  type KeptEntry,
  type RecordQuery,
  type RemoveEntryBody,
  runEntry,
} from '@nadir/contract';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';

interface EntryRow {
  coach_id: string;
  athlete_id: string;
  date: string;
  place: number;
  revision: number;
  entry: unknown;
  saved_at: Date;
  removed_at: Date | null;
}

type Key = Pick<EntryRow, 'coach_id' | 'athlete_id'>;

/** What was run, a row for each place of each day, with a revision of its own. */
@Injectable()
export class RecordRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async between(key: Key, { from, to }: RecordQuery): Promise<KeptEntry[]> {
    const rows = await this.rows()
      .where({ ...key, removed_at: null })
      .andWhereBetween('date', [from, to])
      .orderBy(['date', 'place']);
    return rows.map(entryOf);
  }

  /** Keeps an entry over the revision it was made on; undefined where another stands there. */
  async keep(
    key: Key,
    { revision, entry, at }: KeepEntryBody & { at: Date },
  ): Promise<KeptEntry | undefined> {
    const place = { ...key, date: entry.date, place: entry.place };
    const written = { entry: JSON.stringify(entry), saved_at: at, removed_at: null };
    const [row] =
      revision === null
        ? await this.rows()
            .insert({ ...place, revision: 1, ...written })
            .onConflict(Object.keys(place))
            .ignore()
            .returning('*')
        : await this.rows()
            .where({ ...place, revision })
            .update({ revision: revision + 1, ...written })
            .returning('*');
    return row && entryOf(row);
  }

  /** Marks an entry as removed; undefined where another revision stands there. */
  async remove(
    key: Key,
    { date, place, revision }: RemoveEntryBody,
    at: Date,
  ): Promise<KeptEntry | undefined> {
    const [row] = await this.rows()
      .where({ ...key, date, place, revision, removed_at: null })
      .update({ revision: revision + 1, removed_at: at })
      .returning('*');
    return row && entryOf(row);
  }

  private rows() {
    return this.knex<EntryRow>(tables.runEntries);
  }
}

function entryOf({ entry, revision }: EntryRow): KeptEntry {
  return { ...stored(runEntry, entry), revision };
}
