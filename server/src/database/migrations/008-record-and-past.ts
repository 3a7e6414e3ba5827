import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** What was run, which version of a plan was handed out, and days of the past that the coach opened. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.plannedDays, (table) => {
    table.boolean('reopened').notNullable().defaultTo(false);
  });
  await knex.schema.createTable(tables.runEntries, (table) => {
    table.uuid('coach_id').notNullable();
    table.uuid('athlete_id').notNullable();
    table.date('date').notNullable();
    table.smallint('place').notNullable();
    table.integer('revision').notNullable();
    table.jsonb('entry').notNullable();
    table.timestamp('saved_at').notNullable();
    table.timestamp('removed_at');
    table.primary(['coach_id', 'athlete_id', 'date', 'place']);
    table
      .foreign(['coach_id', 'athlete_id'])
      .references(['coach_id', 'athlete_id'])
      .inTable(tables.athletes);
  });
  await knex.schema.createTable(tables.handouts, (table) => {
    table.uuid('coach_id').notNullable();
    table.uuid('handout_id').notNullable();
    table.uuid('block_id').notNullable();
    table.integer('revision').notNullable();
    table.timestamp('at').notNullable();
    table.text('to').notNullable();
    table.text('form').notNullable();
    table.primary(['coach_id', 'handout_id']);
    table
      .foreign(['coach_id', 'block_id', 'revision'])
      .references(['coach_id', 'block_id', 'revision'])
      .inTable(tables.blockChanges);
    table.index(['coach_id', 'block_id', 'at']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable(tables.handouts);
  await knex.schema.dropTable(tables.runEntries);
  await knex.schema.alterTable(tables.plannedDays, (table) => {
    table.dropColumn('reopened');
  });
}
