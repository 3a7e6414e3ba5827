import type { Knex } from 'knex';
import * as firstTables from './migrations/001-first-tables.js';
import * as houseRulesAndTemplates from './migrations/002-house-rules-and-templates.js';
import * as namedPaces from './migrations/003-named-paces.js';
import * as library from './migrations/004-library.js';

/** Every migration in order. Adding one is one file and one line. */
const migrations: readonly { name: string; migration: Knex.Migration }[] = [
  { name: '001-first-tables', migration: firstTables },
  { name: '002-house-rules-and-templates', migration: houseRulesAndTemplates },
  { name: '003-named-paces', migration: namedPaces },
  { name: '004-library', migration: library },
];

/** Any number, the same in every copy of the server. */
const LOCK = 20_270_418;

/**
 * Brings the schema up to date. Many servers may start at once: one migrates,
 * the others wait. The advisory lock goes with its connection, so a server that
 * was killed half way leaves nothing locked.
 */
export async function migrate(knex: Knex): Promise<void> {
  await knex.transaction(async (holder) => {
    await holder.raw('SELECT pg_advisory_xact_lock(?)', [LOCK]);
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
