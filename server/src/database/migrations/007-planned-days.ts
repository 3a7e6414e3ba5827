import type { Knex } from 'knex';
import { tables } from '../tables.js';

/**
 * The plan by the day, with ids that stay: those before the coach's today are
 * never rewritten. What stood in planned_sessions was worked out anew by every
 * save and told nobody what had been handed out; it goes.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.dropTable('planned_sessions');
  // From this day on the days of a block are handed out as they come.
  await knex.schema.alterTable(tables.blocks, (table) => {
    table.date('kept_on');
  });
  await knex.raw(`
    UPDATE ${tables.blocks} SET kept_on = (
      SELECT min(at)::date FROM ${tables.blockChanges} AS change
      WHERE change.coach_id = ${tables.blocks}.coach_id
        AND change.block_id = ${tables.blocks}.block_id
    )`);
  await knex.raw(`UPDATE ${tables.blocks} SET kept_on = starts_on WHERE kept_on IS NULL`);
  await knex.schema.alterTable(tables.blocks, (table) => {
    table.dropNullable('kept_on');
  });
  await knex.schema.createTable(tables.plannedDays, (table) => {
    table.uuid('coach_id').notNullable();
    table.uuid('block_id').notNullable();
    table.date('date').notNullable();
    table.uuid('day_id').notNullable();
    table.specificType('run_ids', 'uuid[]').notNullable();
    table.jsonb('day').notNullable();
    table.jsonb('week').notNullable();
    table.primary(['coach_id', 'block_id', 'date']);
    table.unique(['coach_id', 'day_id']);
    table
      .foreign(['coach_id', 'block_id'])
      .references(['coach_id', 'block_id'])
      .inTable(tables.blocks);
    table.index(['coach_id', 'date']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable(tables.plannedDays);
  await knex.schema.alterTable(tables.blocks, (table) => {
    table.dropColumn('kept_on');
  });
  await knex.schema.createTable('planned_sessions', (table) => {
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
  });
}
