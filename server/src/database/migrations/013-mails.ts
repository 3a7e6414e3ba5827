import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** What is sent to athletes by mail, and what was. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable(tables.mailings, (table) => {
    ofAthlete(table);
    table.jsonb('mailing').notNullable();
    table.date('since').notNullable();
    table.primary(['coach_id', 'athlete_id']);
  });
  await knex.schema.createTable(tables.mails, (table) => {
    ofAthlete(table);
    table.uuid('mail_id').notNullable();
    table.date('week').notNullable();
    table.text('to').notNullable();
    table.text('form').notNullable();
    table.text('state').notNullable();
    // Whether it was sent by itself: of a week that is done once.
    table.boolean('by_itself').notNullable();
    table.timestamp('at').notNullable();
    table.primary(['coach_id', 'mail_id']);
  });
  await knex.schema.raw(
    `CREATE UNIQUE INDEX mails_by_themselves ON ${tables.mails} (coach_id, athlete_id, week) WHERE by_itself`,
  );
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
  for (const name of [tables.mails, tables.mailings]) await knex.schema.dropTable(name);
}
