import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** The coach's own table of named paces; none while the product's serves. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.coaches, (table) => {
    table.jsonb('paces');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.coaches, (table) => {
    table.dropColumn('paces');
  });
}
