import { Inject, Injectable } from '@nestjs/common';
import type { CivilDate } from '@nadir/core/base';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';
import type { AthleteKey } from '../athletes/athletes.repository.js';

export interface LinkRow extends AthleteKey {
  link_id: string;
  key_hash: string;
  /** Where the page stood when the link was made: `http://192.0.2.7:4700`. */
  origin: string;
  ends: CivilDate;
  made_at: Date;
  seen_at: Date | null;
}

/** Links to athletes' pages: one for each athlete, known by a key of which only the hash is stored. */
@Injectable()
export class AthleteLinksRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async find({ coach_id, athlete_id }: AthleteKey): Promise<LinkRow | undefined> {
    return this.rows().where({ coach_id, athlete_id }).first();
  }

  /** By the hash of its key, whether it has ended or not. */
  async byHash(keyHash: string): Promise<LinkRow | undefined> {
    return this.rows().where({ key_hash: keyHash }).first();
  }

  /** The old one leads nowhere from now on. */
  async put(row: LinkRow): Promise<void> {
    await this.rows().insert(row).onConflict(['coach_id', 'athlete_id']).merge();
  }

  async setEnd({ coach_id, athlete_id }: AthleteKey, ends: CivilDate): Promise<void> {
    await this.rows().where({ coach_id, athlete_id }).update({ ends });
  }

  async setSeen({ coach_id, athlete_id }: AthleteKey, at: Date): Promise<void> {
    await this.rows().where({ coach_id, athlete_id }).update({ seen_at: at });
  }

  async end({ coach_id, athlete_id }: AthleteKey): Promise<void> {
    await this.rows().where({ coach_id, athlete_id }).delete();
  }

  private rows() {
    return this.knex<LinkRow>(tables.athleteLinks);
  }
}
