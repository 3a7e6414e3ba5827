import { createHash } from 'node:crypto';
import type { SentAnswer, SentBody } from '@nadir/contract';
import { canonicalJson } from '@nadir/core/base';
import { Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { tables } from '../database/tables.js';
import type { AthleteKey } from '../athletes/athletes.repository.js';

interface SentRow extends AthleteKey {
  sent_id: string;
  digest: string;
  said: string;
  at: Date;
}

/** What was taken from a page, by the id that the page gave it: what comes again is not done again. */
@Injectable()
export class SentRepository {
  /**
   * Notes what comes, before it is done; whatever else comes of this athlete waits until then.
   *
   * @returns what was said when it was done; undefined for what comes for the first time, and
   * `other` where something else came under this id
   */
  async begin(
    trx: Knex.Transaction,
    { coach_id, athlete_id }: AthleteKey,
    { id, body, at }: { id: string; body: SentBody; at: Date },
  ): Promise<SentAnswer | 'other' | undefined> {
    const of = { coach_id, athlete_id };
    // One message after the other: what is counted or read before it is written is so still.
    await trx(tables.athletes).where(of).forUpdate().first('athlete_id');
    const key = { ...of, sent_id: id };
    const digest = digestOf(body);
    const added = await trx<SentRow>(tables.sentFromPages)
      .insert({ ...key, digest, said: '', at })
      .onConflict(Object.keys(key))
      .ignore()
      .returning('sent_id');
    if (added.length > 0) return undefined;
    const row = await trx<SentRow>(tables.sentFromPages).where(key).first();
    return row?.digest === digest ? { said: row.said } : 'other';
  }

  async close(
    trx: Knex.Transaction,
    { coach_id, athlete_id }: AthleteKey,
    id: string,
    { said }: SentAnswer,
  ): Promise<void> {
    await trx<SentRow>(tables.sentFromPages)
      .where({ coach_id, athlete_id, sent_id: id })
      .update({ said });
  }
}

function digestOf(body: SentBody): string {
  return createHash('sha256')
    .update(canonicalJson(body) ?? '')
    .digest('base64url');
}
