import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';

interface SignInRow {
  coach_id: string;
  token_hash: string;
  expires_at: Date;
}

/** Whose sign-in it is. */
export interface SignedCoach {
  id: string;
  name: string;
}

/** Days a sign-in lasts. */
const LASTS_DAYS = 30;

/** Sign-ins, known by a random token of which only the hash is stored. */
@Injectable()
export class SignInsRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** Opens a sign-in and drops the coach's expired ones. */
  async open(coachId: string, now: Date): Promise<{ token: string; expiresAt: Date }> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(now.getTime() + LASTS_DAYS * 86_400_000);
    await this.rows().where({ coach_id: coachId }).andWhere('expires_at', '<', now).delete();
    await this.rows().insert({
      coach_id: coachId,
      token_hash: hashOf(token),
      expires_at: expiresAt,
    });
    return { token, expiresAt };
  }

  async coachOf(token: string, now: Date): Promise<SignedCoach | undefined> {
    return this.rows()
      .join(tables.coaches, `${tables.coaches}.coach_id`, `${tables.signIns}.coach_id`)
      .where({ token_hash: hashOf(token) })
      .andWhere('expires_at', '>', now)
      .first<SignedCoach | undefined>({ id: `${tables.coaches}.coach_id`, name: 'name' });
  }

  /** Coaches who are signed in somewhere. */
  async signedIn(now: Date): Promise<string[]> {
    const rows = await this.rows().where('expires_at', '>', now).distinct<SignInRow[]>('coach_id');
    return rows.map(({ coach_id }) => coach_id);
  }

  async close(token: string): Promise<void> {
    await this.rows()
      .where({ token_hash: hashOf(token) })
      .delete();
  }

  /** Ends every sign-in of a coach, but the one that is kept. */
  async closeAll(coachId: string, kept?: string): Promise<void> {
    const all = this.rows().where({ coach_id: coachId });
    await (kept === undefined ? all : all.whereNot({ token_hash: hashOf(kept) })).delete();
  }

  private rows() {
    return this.knex<SignInRow>(tables.signIns);
  }
}

function hashOf(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
