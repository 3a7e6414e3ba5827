import type { Knex } from 'knex';
import { tables } from '../tables.js';

interface BlockRow {
  coach_id: string;
  block_id: string;
  wishes: { athlete?: Record<string, unknown> };
  facts: Record<string, unknown>;
}

/**
 * An athlete is a record with a revision of its own; a block keeps what differs
 * for itself, and names the coach's tables by their versions.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.athletes, (table) => {
    table.integer('revision').notNullable().defaultTo(1);
    table.timestamp('archived_at');
    table.timestamp('removed_at');
  });
  await knex.schema.createTable(tables.coachTables, (table) => {
    table.uuid('coach_id').notNullable().references('coach_id').inTable(tables.coaches);
    table.text('kind').notNullable();
    table.integer('version').notNullable();
    table.text('digest').notNullable();
    table.jsonb('value').notNullable();
    table.timestamp('at').notNullable();
    table.primary(['coach_id', 'kind', 'version']);
    table.unique(['coach_id', 'kind', 'digest']);
  });
  // As files of version 3: what is kept was laid out under the first defaults.
  await knex.raw(`
    UPDATE ${tables.blocks} SET wishes = wishes || '{"version": 3, "engine": 1}'
    WHERE (wishes->>'version')::int < 3`);
  // As version 3 names it.
  for (const [table, column] of [
    [tables.blocks, 'wishes'],
    [tables.templates, 'template'],
  ] as const) {
    await knex.raw(
      `UPDATE ${table} SET ${column} = jsonb_set(${column}, '{taper,school}', '"even-trim"')
       WHERE ${column} #>> '{taper,school}' = 'two-weeks-in-the-flow'`,
    );
  }
  const rows = await wholeRows(knex);
  for (const { coach_id, block_id, wishes, facts } of rows) {
    const athlete = differing(facts, wishes.athlete ?? {});
    await knex(tables.blocks)
      .where({ coach_id, block_id })
      .update({ wishes: JSON.stringify({ ...wishes, athlete }) });
  }
}

export async function down(knex: Knex): Promise<void> {
  const rows = await wholeRows(knex);
  for (const { coach_id, block_id, wishes, facts } of rows) {
    const whole = Object.entries({ ...facts, ...wishes.athlete }).filter(
      ([, fact]) => fact !== null,
    );
    await knex(tables.blocks)
      .where({ coach_id, block_id })
      .update({ wishes: JSON.stringify({ ...wishes, athlete: Object.fromEntries(whole) }) });
  }
  await knex.schema.dropTable(tables.coachTables);
  await knex.schema.alterTable(tables.athletes, (table) => {
    table.dropColumns('revision', 'archived_at', 'removed_at');
  });
}

/** Every block with the record of its athlete. */
async function wholeRows(knex: Knex): Promise<BlockRow[]> {
  return knex<BlockRow>(`${tables.blocks} as b`)
    .join(`${tables.athletes} as a`, (on) =>
      on.on('a.coach_id', 'b.coach_id').andOn('a.athlete_id', 'b.athlete_id'),
    )
    .select<BlockRow[]>('b.coach_id', 'b.block_id', 'b.wishes', 'a.facts');
}

/** What a block's facts say otherwise than the record; null where it has none. */
function differing(record: Record<string, unknown>, facts: Record<string, unknown>) {
  const keys = [...new Set([...Object.keys(record), ...Object.keys(facts)])];
  return Object.fromEntries(
    keys
      .filter((key) => JSON.stringify(record[key]) !== JSON.stringify(facts[key]))
      .map((key) => [key, facts[key] ?? null]),
  );
}
