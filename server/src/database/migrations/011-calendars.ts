import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** Calendars that athletes' devices subscribe to: of their addresses only the fingerprint. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(tables.calendars, (table) => {
    table.uuid('coach_id').notNullable();
    table.uuid('athlete_id').notNullable();
    table.text('key_hash').notNullable().unique();
    table.text('starts_at');
    table.timestamp('made_at').notNullable();
    table.primary(['coach_id', 'athlete_id']);
    table
      .foreign(['coach_id', 'athlete_id'])
      .references(['coach_id', 'athlete_id'])
      .inTable(tables.athletes);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable(tables.calendars);
}
