import type { Knex } from 'knex';
import * as firstTables from './migrations/001-first-tables.js';
import * as houseRulesAndTemplates from './migrations/002-house-rules-and-templates.js';
import * as namedPaces from './migrations/003-named-paces.js';
import * as library from './migrations/004-library.js';
import * as savesAndHistory from './migrations/005-saves-and-history.js';
import * as removedTemplates from './migrations/006-removed-templates.js';
import * as plannedDays from './migrations/007-planned-days.js';
import * as recordAndPast from './migrations/008-record-and-past.js';
import * as athleteRecords from './migrations/009-athlete-records.js';
import * as diary from './migrations/010-diary.js';
import * as calendars from './migrations/011-calendars.js';
import * as athleteLinks from './migrations/012-athlete-links.js';
import * as mails from './migrations/013-mails.js';

/** Every migration in order. Adding one is one file and one line. */
const migrations: readonly { name: string; migration: Knex.Migration }[] = [
  { name: '001-first-tables', migration: firstTables },
  { name: '002-house-rules-and-templates', migration: houseRulesAndTemplates },
  { name: '003-named-paces', migration: namedPaces },
  { name: '004-library', migration: library },
  { name: '005-saves-and-history', migration: savesAndHistory },
  { name: '006-removed-templates', migration: removedTemplates },
  { name: '007-planned-days', migration: plannedDays },
  { name: '008-record-and-past', migration: recordAndPast },
  { name: '009-athlete-records', migration: athleteRecords },
  { name: '010-diary', migration: diary },
  { name: '011-calendars', migration: calendars },
  { name: '012-athlete-links', migration: athleteLinks },
  { name: '013-mails', migration: mails },
];

/** Any number, the same in every copy of the server. */
const LOCK = 20_270_418;

/** How the schema of a database stands to the one that this Nadir knows. */
export interface SchemaState {
  /** Migrations that were made; none in a new database. */
  made: string[];
  /** Those still to be made. */
  pending: string[];
  /** Those of a newer Nadir. */
  unknown: string[];
}

/** Compares the migrations that a database has seen with those there are. */
export async function schemaState(knex: Knex): Promise<SchemaState> {
  const table = 'knex_migrations';
  const made = (await knex.schema.hasTable(table))
    ? await knex(table).orderBy('id').pluck<string[]>('name')
    : [];
  const known = migrations.map(({ name }) => name);
  return {
    made,
    pending: known.filter((name) => !made.includes(name)),
    unknown: made.filter((name) => !known.includes(name)),
  };
}

/**
 * Brings the schema up to date. Many servers may start at once: one migrates,
 * the others wait. The advisory lock goes with its connection, so a server that
 * was killed half way leaves nothing locked.
 *
 * @throws Error in a plain sentence where the data was made by a newer Nadir
 */
export async function migrate(knex: Knex): Promise<void> {
  await knex.transaction(async (holder) => {
    await holder.raw('SELECT pg_advisory_xact_lock(?)', [LOCK]);
    const { unknown } = await schemaState(knex);
    if (unknown.length > 0) {
      throw new Error(
        `This data was made by a newer Nadir (${unknown.join(', ')}); this one cannot read it. ` +
          'Nothing was changed. Update Nadir, or restore a backup from before the update with ./nadir restore FILE.',
      );
    }
    const config: Knex.MigratorConfig = {
      migrationSource: {
        getMigrations: () => Promise.resolve([...migrations]),
        getMigrationName: ({ name }: (typeof migrations)[number]) => name,
        getMigration: ({ migration }: (typeof migrations)[number]) => Promise.resolve(migration),
      },
    };
    await knex.migrate.forceFreeMigrationsLock(config);
    await knex.migrate.latest(config);
  });
}
