import { type RemovedList, removedList } from '@nadir/contract';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';

interface RemovedRow {
  kind: string;
  id: string;
  name: string;
  at: Date;
}

@Injectable()
export class RemovedRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /**
   * What the coach removed since then, newest first. Blocks of a removed athlete are
   * not named: they come back with the athlete.
   */
  async since(coachId: string, since: Date): Promise<RemovedList> {
    const { rows } = await this.knex.raw<{ rows: RemovedRow[] }>(
      `SELECT 'athlete' AS kind, athlete_id AS id, facts->>'name' AS name, removed_at AS at
         FROM ${tables.athletes}
        WHERE coach_id = :coachId AND removed_at >= :since
       UNION ALL
       SELECT 'block', block_id, concat_ws(', ', athlete.facts->>'name', wishes->'race'->>'name'),
              block.removed_at
         FROM ${tables.blocks} AS block
         JOIN ${tables.athletes} AS athlete USING (coach_id, athlete_id)
        WHERE coach_id = :coachId AND block.removed_at >= :since AND athlete.removed_at IS NULL
       UNION ALL
       SELECT 'template', template_id, name, removed_at
         FROM ${tables.templates}
        WHERE coach_id = :coachId AND removed_at >= :since
       ORDER BY at DESC, id`,
      { coachId, since },
    );
    return stored(removedList, {
      removed: rows.map((row) => ({ ...row, at: row.at.toISOString() })),
    });
  }
}
