import { Inject, Injectable } from '@nestjs/common';
import type { ThrottlerStorage } from '@nestjs/throttler';
import type { Knex } from 'knex';
import { CLOCK, type Clock } from '../clock/clock.js';
import { within } from '../database/within.js';
import { DEADLINE_MS } from '../config/config.js';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';

type Tally = Awaited<ReturnType<ThrottlerStorage['increment']>>;

/** Sign-in attempts counted in PostgreSQL, so that every copy of the server counts the same. */
@Injectable()
export class AttemptsStorage implements ThrottlerStorage {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /** Counts one attempt under a hashed key; times in milliseconds, answers in seconds. */
  increment(key: string, ttl: number, limit: number): Promise<Tally> {
    return within(DEADLINE_MS, this.count(key, ttl, limit));
  }

  private async count(key: string, ttl: number, limit: number): Promise<Tally> {
    const now = this.clock.now();
    const endsAt = new Date(now.getTime() + ttl);
    const counted = await this.knex.raw<{ rows: { hits: number; ends_at: Date }[] }>(
      `INSERT INTO ${tables.signInAttempts} AS a (key, hits, ends_at) VALUES (?, 1, ?)
       ON CONFLICT (key) DO UPDATE SET
         hits = CASE WHEN a.ends_at < ? THEN 1 ELSE a.hits + 1 END,
         ends_at = CASE WHEN a.ends_at < ? THEN EXCLUDED.ends_at ELSE a.ends_at END
       RETURNING hits, ends_at`,
      [key, endsAt, now, now],
    );
    await this.knex(tables.signInAttempts).where('ends_at', '<', now).delete();
    const { hits, ends_at } = counted.rows[0] ?? { hits: 1, ends_at: endsAt };
    const left = Math.max(0, Math.ceil((ends_at.getTime() - now.getTime()) / 1000));
    const isBlocked = hits > limit;
    return {
      totalHits: hits,
      timeToExpire: left,
      isBlocked,
      timeToBlockExpire: isBlocked ? left : 0,
    };
  }
}
