import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** What is kept of a day or week of an athlete, in a table of its own. */
const DATED = [tables.healthNotes, tables.weekReviews];

/** Health words apart from what was run, reviews of weeks, every version of an entry, and watches. */
export async function up(knex: Knex): Promise<void> {
  for (const name of DATED) {
    await knex.schema.createTable(name, (table) => {
      table.uuid('coach_id').notNullable();
      table.uuid('athlete_id').notNullable();
      table.date('date').notNullable();
      table.integer('revision').notNullable();
      table.jsonb('note').notNullable();
      table.timestamp('saved_at').notNullable();
      table.primary(['coach_id', 'athlete_id', 'date']);
      ofAthlete(table);
    });
  }
  await knex.schema.createTable(tables.runEntryChanges, (table) => {
    table.uuid('coach_id').notNullable();
    table.uuid('athlete_id').notNullable();
    table.date('date').notNullable();
    table.smallint('place').notNullable();
    table.integer('revision').notNullable();
    // Null where it was removed.
    table.jsonb('entry');
    table.timestamp('at').notNullable();
    table.primary(['coach_id', 'athlete_id', 'date', 'place', 'revision']);
    ofAthlete(table);
  });
  await addWatches(knex);
}

async function addWatches(knex: Knex): Promise<void> {
  await knex.schema.createTable(tables.watches, (table) => {
    table.uuid('coach_id').notNullable();
    table.uuid('athlete_id').notNullable();
    table.timestamp('connected_at').notNullable();
    table.primary(['coach_id', 'athlete_id']);
    ofAthlete(table);
  });
}

function ofAthlete(table: Knex.CreateTableBuilder): void {
  table
    .foreign(['coach_id', 'athlete_id'])
    .references(['coach_id', 'athlete_id'])
    .inTable(tables.athletes);
}

export async function down(knex: Knex): Promise<void> {
  for (const name of [tables.watches, tables.runEntryChanges, ...DATED])
    await knex.schema.dropTable(name);
}
