import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** A template that is removed can be put back. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.templates, (table) => {
    table.timestamp('removed_at');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex(tables.templates).whereNotNull('removed_at').delete();
  await knex.schema.alterTable(tables.templates, (table) => {
    table.dropColumn('removed_at');
  });
}
