import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** The coach's own sessions, beside the product's. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.coaches, (table) => {
    table.jsonb('library').notNullable().defaultTo('[]');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.coaches, (table) => {
    table.dropColumn('library');
  });
}
