import type { Knex } from 'knex';
import { tables } from '../tables.js';

/** The coach's own rules and templates; blocks that can be taken off the lists and put back. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.coaches, (table) => {
    table.jsonb('house_rules').notNullable().defaultTo('{}');
  });
  await knex.schema.alterTable(tables.blocks, (table) => {
    table.timestamp('removed_at');
  });
  await knex.schema.createTable(tables.templates, (table) => {
    table.uuid('coach_id').notNullable().references('coach_id').inTable(tables.coaches);
    table.uuid('template_id').notNullable();
    table.text('name').notNullable();
    table.jsonb('template').notNullable();
    table.timestamp('created_at').notNullable();
    table.primary(['coach_id', 'template_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable(tables.templates);
  await knex.schema.alterTable(tables.blocks, (table) => {
    table.dropColumn('removed_at');
  });
  await knex.schema.alterTable(tables.coaches, (table) => {
    table.dropColumn('house_rules');
  });
}
