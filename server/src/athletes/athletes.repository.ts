import { type AthleteAnswer, type AthleteBody, athleteBody } from '@nadir/contract';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';

interface AthleteRow {
  coach_id: string;
  athlete_id: string;
  facts: unknown;
  created_at: Date;
}

@Injectable()
export class AthletesRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** In the order they joined. */
  async all(coachId: string): Promise<AthleteAnswer[]> {
    const rows = await this.rows()
      .where({ coach_id: coachId })
      .orderBy(['created_at', 'athlete_id']);
    return rows.map(athleteOf);
  }

  async find(coachId: string, athleteId: string): Promise<AthleteAnswer | undefined> {
    const row = await this.rows().where({ coach_id: coachId, athlete_id: athleteId }).first();
    return row && athleteOf(row);
  }

  /** Adds an athlete; one that was added under the id before stays as it is. */
  async add(coachId: string, athleteId: string, facts: AthleteBody, now: Date): Promise<void> {
    const row = { coach_id: coachId, athlete_id: athleteId, created_at: now };
    await this.rows()
      .insert({ ...row, facts: JSON.stringify(facts) })
      .onConflict(['coach_id', 'athlete_id'])
      .ignore();
  }

  /** Changes what is known of an athlete, in the transaction of what taught it; one at a time. */
  async learn(
    trx: Knex.Transaction,
    coachId: string,
    athleteId: string,
    change: (facts: AthleteBody) => AthleteBody,
  ): Promise<void> {
    const key = { coach_id: coachId, athlete_id: athleteId };
    const row = await trx<AthleteRow>(tables.athletes).where(key).forUpdate().first();
    if (!row) return;
    const facts = change(athleteOf(row).facts);
    await trx<AthleteRow>(tables.athletes)
      .where(key)
      .update({ facts: JSON.stringify(facts) });
  }

  private rows() {
    return this.knex<AthleteRow>(tables.athletes);
  }
}

function athleteOf(row: AthleteRow): AthleteAnswer {
  return { id: row.athlete_id, facts: stored(athleteBody, row.facts) };
}
