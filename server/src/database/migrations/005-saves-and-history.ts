import type { Knex } from 'knex';
import { tables } from '../tables.js';

/**
 * Saves that can be repeated; a history that nothing takes away from, and that
 * holds each version once: what stood before a change is the version before it.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable(tables.blockChanges, (table) => {
    table.uuid('save_id');
    table.dropColumn('before');
    table.unique(['coach_id', 'save_id']);
  });
  await knex.raw(`
    DROP TRIGGER block_changes_append_only ON ${tables.blockChanges};
    CREATE TRIGGER block_changes_append_only
      BEFORE UPDATE OR DELETE OR TRUNCATE ON ${tables.blockChanges}
      FOR EACH STATEMENT EXECUTE FUNCTION refuse_history_change();
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`DROP TRIGGER block_changes_append_only ON ${tables.blockChanges}`);
  await knex.schema.alterTable(tables.blockChanges, (table) => {
    table.jsonb('before');
    table.dropUnique(['coach_id', 'save_id']);
    table.dropColumn('save_id');
  });
  await knex.raw(`
    UPDATE ${tables.blockChanges} AS later SET before = earlier.after
      FROM ${tables.blockChanges} AS earlier
      WHERE earlier.coach_id = later.coach_id AND earlier.block_id = later.block_id
        AND earlier.revision = later.revision - 1;
    CREATE TRIGGER block_changes_append_only BEFORE UPDATE ON ${tables.blockChanges}
      FOR EACH ROW EXECUTE FUNCTION refuse_history_change();
  `);
}
