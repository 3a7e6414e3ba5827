import type { RecordQuery } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import type { Knex } from 'knex';
import type { $ZodType } from 'zod/v4/core';
import type { AthleteKey } from '../athletes/athletes.repository.js';
import { stored } from '../database/stored.js';

interface NoteRow extends AthleteKey {
  date: CivilDate;
  revision: number;
  note: unknown;
  saved_at: Date;
}

/** Notes with a date and a revision of their own, one a day, in one table. */
export class DatedNotes<T extends { date: CivilDate }> {
  constructor(
    private readonly table: string,
    private readonly schema: $ZodType<T>,
  ) {}

  async between(on: Knex, key: AthleteKey, { from, to }: RecordQuery) {
    const rows = await on<NoteRow>(this.table)
      .where(key)
      .andWhereBetween('date', [from, to])
      .orderBy('date');
    return rows.map((row) => this.kept(row));
  }

  /** Keeps a note over the revision it was made on; undefined where another stands there. */
  async keep(
    on: Knex,
    key: AthleteKey,
    { revision, note, at }: { revision: number | null; note: T; at: Date },
  ): Promise<(T & { revision: number }) | undefined> {
    const place = { ...key, date: note.date };
    const written = { note: JSON.stringify(note), saved_at: at };
    const [row] =
      revision === null
        ? await on<NoteRow>(this.table)
            .insert({ ...place, revision: 1, ...written })
            .onConflict(Object.keys(place))
            // Where one was taken back there is room again.
            .merge({ ...written, revision: on.raw('??.revision + 1', [this.table]) })
            .whereRaw("?? - 'date' = '{}'::jsonb", [`${this.table}.note`])
            .returning('*')
        : await on<NoteRow>(this.table)
            .where({ ...place, revision })
            .update({ revision: revision + 1, ...written })
            .returning('*');
    return row && this.kept(row);
  }

  private kept({ note, revision }: NoteRow): T & { revision: number } {
    return { ...stored(this.schema, note), revision };
  }
}
