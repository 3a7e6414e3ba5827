import { type AthleteAnswer, type AthleteBody, athleteBody } from '@nadir/contract';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';
import { notFound } from '../http/refused.js';

/** Which athlete of which coach: what is kept of one is kept under both. */
export interface AthleteKey {
  coach_id: string;
  athlete_id: string;
}

interface AthleteRow extends AthleteKey {
  facts: unknown;
  revision: number;
  created_at: Date;
  archived_at: Date | null;
  removed_at: Date | null;
}

@Injectable()
export class AthletesRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** In the order they joined, those of the archive too. */
  async all(coachId: string): Promise<AthleteAnswer[]> {
    const rows = await this.rows()
      .where({ coach_id: coachId, removed_at: null })
      .orderBy(['created_at', 'athlete_id']);
    return rows.map(athleteOf);
  }

  async find(coachId: string, athleteId: string): Promise<AthleteAnswer | undefined> {
    const row = await this.rows().where({ coach_id: coachId, athlete_id: athleteId }).first();
    return row && athleteOf(row);
  }

  /**
   * The key of an athlete that is the coach’s.
   *
   * @throws Refused where the coach has no such athlete
   */
  async keyOf(coachId: string, athleteId: string): Promise<AthleteKey> {
    if (!(await this.find(coachId, athleteId))) throw notFound('athlete');
    return { coach_id: coachId, athlete_id: athleteId };
  }

  /** Adds an athlete; one that was added under the id before stays as it is. */
  async add(
    coachId: string,
    athleteId: string,
    facts: AthleteBody,
    now: Date,
    on: Knex = this.knex,
  ): Promise<void> {
    const row = { coach_id: coachId, athlete_id: athleteId, created_at: now };
    await on<AthleteRow>(tables.athletes)
      .insert({ ...row, facts: JSON.stringify(facts) })
      .onConflict(['coach_id', 'athlete_id'])
      .ignore();
  }

  /** The record, held against other changes until the transaction ends. */
  async hold(
    trx: Knex.Transaction,
    coachId: string,
    athleteId: string,
  ): Promise<AthleteAnswer | undefined> {
    const row = await trx<AthleteRow>(tables.athletes)
      .where({ coach_id: coachId, athlete_id: athleteId })
      .forUpdate()
      .first();
    return row && athleteOf(row);
  }

  /** Writes a record that is held, as its next revision. */
  async write(
    trx: Knex.Transaction,
    coachId: string,
    { id, revision }: AthleteAnswer,
    facts: AthleteBody,
  ): Promise<void> {
    await trx<AthleteRow>(tables.athletes)
      .where({ coach_id: coachId, athlete_id: id })
      .update({ facts: JSON.stringify(facts), revision: revision + 1 });
  }

  /** False where the coach has no such athlete. */
  async setState(
    coachId: string,
    athleteId: string,
    state: AthleteAnswer['state'],
    at: Date,
    on: Knex = this.knex,
  ): Promise<boolean> {
    const changed = {
      archived_at: state === 'archived' ? at : null,
      removed_at: state === 'removed' ? at : null,
    };
    const key = { coach_id: coachId, athlete_id: athleteId };
    return (await on<AthleteRow>(tables.athletes).where(key).update(changed)) > 0;
  }

  private rows() {
    return this.knex<AthleteRow>(tables.athletes);
  }
}

function athleteOf(row: AthleteRow): AthleteAnswer {
  const state = row.removed_at ? 'removed' : row.archived_at ? 'archived' : 'here';
  const facts = stored(athleteBody, row.facts);
  return { id: row.athlete_id, revision: row.revision, state, facts };
}
