import type { Knex } from 'knex';
import { tables } from '../tables.js';

/**
 * Every table carries the coach's id as the first part of its key, so that all
 * queries are scoped by it and the tables can be spread by coach.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema
    .createTable(tables.coaches, (table) => {
      table.uuid('coach_id').primary();
      table.text('email').notNullable().unique();
      table.text('name').notNullable();
      table.text('password_hash');
      table.jsonb('settings').notNullable();
      table.timestamp('created_at').notNullable();
    })
    .createTable(tables.signIns, (table) => {
      table.uuid('coach_id').notNullable().references('coach_id').inTable(tables.coaches);
      table.text('token_hash').notNullable().unique();
      table.timestamp('expires_at').notNullable();
      table.primary(['coach_id', 'token_hash']);
    })
    .createTable(tables.signInAttempts, (table) => {
      table.text('key').primary();
      table.integer('hits').notNullable();
      table.timestamp('ends_at').notNullable();
    })
    .createTable(tables.athletes, (table) => {
      table.uuid('coach_id').notNullable().references('coach_id').inTable(tables.coaches);
      table.uuid('athlete_id').notNullable();
      table.jsonb('facts').notNullable();
      table.timestamp('created_at').notNullable();
      table.primary(['coach_id', 'athlete_id']);
    })
    .createTable(tables.blocks, (table) => {
      table.uuid('coach_id').notNullable();
      table.uuid('block_id').notNullable();
      table.uuid('athlete_id').notNullable();
      table.integer('revision').notNullable();
      table.jsonb('wishes').notNullable();
      table.date('starts_on').notNullable();
      table.date('race_on').notNullable();
      table.timestamp('saved_at').notNullable();
      table.primary(['coach_id', 'block_id']);
      table
        .foreign(['coach_id', 'athlete_id'])
        .references(['coach_id', 'athlete_id'])
        .inTable(tables.athletes);
      table.index(['coach_id', 'athlete_id', 'race_on']);
    })
    .createTable(tables.blockChanges, (table) => {
      table.uuid('coach_id').notNullable();
      table.uuid('block_id').notNullable();
      table.integer('revision').notNullable();
      table.timestamp('at').notNullable();
      table.text('by').notNullable();
      table.text('words').notNullable();
      table.jsonb('before');
      table.jsonb('after').notNullable();
      table.primary(['coach_id', 'block_id', 'revision']);
      table
        .foreign(['coach_id', 'block_id'])
        .references(['coach_id', 'block_id'])
        .inTable(tables.blocks);
    })
    .createTable('planned_sessions', (table) => {
      table.uuid('coach_id').notNullable();
      table.uuid('block_id').notNullable();
      table.date('date').notNullable();
      table.smallint('place').notNullable();
      table.text('role').notNullable();
      table.double('distance').notNullable();
      table.double('time').notNullable();
      table.text('shorthand').notNullable();
      table.primary(['coach_id', 'block_id', 'date', 'place']);
      table
        .foreign(['coach_id', 'block_id'])
        .references(['coach_id', 'block_id'])
        .inTable(tables.blocks);
      table.index(['coach_id', 'date']);
    })
    .createTable(tables.demoSeeds, (table) => {
      table.uuid('coach_id').primary().references('coach_id').inTable(tables.coaches);
      table.date('seeded_for').notNullable();
    });

  // The history is append-only for whoever holds the connection, not only by custom.
  await knex.raw(`
    CREATE FUNCTION refuse_history_change() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN RAISE EXCEPTION 'block_changes is append-only'; END $$;
    CREATE TRIGGER block_changes_append_only BEFORE UPDATE ON ${tables.blockChanges}
      FOR EACH ROW EXECUTE FUNCTION refuse_history_change();
  `);
}

export async function down(knex: Knex): Promise<void> {
  const newestFirst = [
    tables.demoSeeds,
    'planned_sessions',
    tables.blockChanges,
    tables.blocks,
    tables.athletes,
    tables.signInAttempts,
    tables.signIns,
    tables.coaches,
  ];
  for (const table of newestFirst) await knex.schema.dropTable(table);
  await knex.raw('DROP FUNCTION refuse_history_change()');
}
