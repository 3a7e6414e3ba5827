import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { AthleteKey } from '../athletes/athletes.repository.js';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';

interface CalendarRow extends AthleteKey {
  key_hash: string;
  starts_at: string | null;
  made_at: Date;
}

/** Calendars that can be subscribed to, known by a random key of which only the hash is stored. */
@Injectable()
export class CalendarsRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async find(key: AthleteKey): Promise<CalendarRow | undefined> {
    return this.rows().where(key).first();
  }

  /** By the key of its address. */
  async byKey(key: string): Promise<CalendarRow | undefined> {
    return this.rows()
      .where({ key_hash: hashOf(key) })
      .first();
  }

  /** Under a new key, which it gives; the old one leads nowhere from now on. */
  async renew(key: AthleteKey, startsAt: string | null, now: Date): Promise<string> {
    const secret = randomBytes(32).toString('base64url');
    const row = { ...key, key_hash: hashOf(secret), starts_at: startsAt, made_at: now };
    await this.rows().insert(row).onConflict(['coach_id', 'athlete_id']).merge();
    return secret;
  }

  async setStart(key: AthleteKey, startsAt: string | null): Promise<void> {
    await this.rows().where(key).update({ starts_at: startsAt });
  }

  async end(key: AthleteKey): Promise<void> {
    await this.rows().where(key).delete();
  }

  private rows() {
    return this.knex<CalendarRow>(tables.calendars);
  }
}

function hashOf(key: string): string {
  return createHash('sha256').update(key).digest('hex');
}
