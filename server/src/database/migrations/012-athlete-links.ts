import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** Secret links to athletes' pages, what was sent from them, and days that athletes ask to move. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(tables.athleteLinks, (table) => {
    ofAthlete(table);
    table.uuid('link_id').notNullable();
    table.text('key_hash').notNullable().unique();
    table.text('origin').notNullable();
    table.date('ends').notNullable();
    table.timestamp('made_at').notNullable();
    table.timestamp('seen_at');
    table.primary(['coach_id', 'athlete_id']);
  });
  await knex.schema.createTable(tables.sentFromPages, (table) => {
    ofAthlete(table);
    table.uuid('sent_id').notNullable();
    table.text('digest').notNullable();
    table.text('said').notNullable();
    table.timestamp('at').notNullable();
    table.primary(['coach_id', 'athlete_id', 'sent_id']);
  });
  await knex.schema.createTable(tables.moveRequests, (table) => {
    ofAthlete(table);
    table.uuid('request_id').notNullable();
    table.date('from').notNullable();
    table.date('to').notNullable();
    table.text('words');
    table.text('state').notNullable();
    table.text('answer');
    table.timestamp('at').notNullable();
    table.primary(['coach_id', 'request_id']);
  });
}

function ofAthlete(table: Knex.CreateTableBuilder): void {
  table.uuid('coach_id').notNullable();
  table.uuid('athlete_id').notNullable();
  table
    .foreign(['coach_id', 'athlete_id'])
    .references(['coach_id', 'athlete_id'])
    .inTable(tables.athletes);
}

export async function down(knex: Knex): Promise<void> {
  for (const name of [tables.moveRequests, tables.sentFromPages, tables.athleteLinks])
    await knex.schema.dropTable(name);
}
