import { type Mail, type Mailing, mailing } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';
import type { AthleteKey } from '../athletes/athletes.repository.js';

interface MailingRow extends AthleteKey {
  mailing: unknown;
  /** The day it was set: nothing is sent for days before. */
  since: CivilDate;
}

interface MailRow extends AthleteKey {
  mail_id: string;
  week: CivilDate;
  to: string;
  form: Mail['form'];
  state: Mail['state'];
  by_itself: boolean;
  at: Date;
}

/** An athlete's mailing as it stands, and since when. */
export type StandingMailing = AthleteKey & { mailing: Mailing; since: CivilDate };

/** Which mail of which coach. */
export type MailKey = Pick<MailRow, 'coach_id' | 'mail_id'>;

const MOST_LISTED = 20;

/** Mailings of athletes, and mails, each known by its id: of one there is one. */
@Injectable()
export class MailsRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async mailing(key: AthleteKey): Promise<Mailing | null> {
    const row = await this.knex<MailingRow>(tables.mailings).where(key).first();
    return row ? stored(mailing, row.mailing) : null;
  }

  async save(key: AthleteKey, next: Mailing | null, since: CivilDate): Promise<void> {
    if (next === null) await this.knex(tables.mailings).where(key).delete();
    else {
      await this.knex(tables.mailings)
        .insert({ ...key, mailing: JSON.stringify(next), since })
        .onConflict(['coach_id', 'athlete_id'])
        .merge();
    }
  }

  /** Of every coach: what is sent by itself is looked for by nobody who is signed in. */
  async all(): Promise<StandingMailing[]> {
    const rows = await this.knex<MailingRow>(tables.mailings);
    return rows.map(({ mailing: kept, ...key }) => ({ ...key, mailing: stored(mailing, kept) }));
  }

  async of(key: AthleteKey): Promise<Mail[]> {
    const rows = await this.knex<MailRow>(tables.mails)
      .where(key)
      .orderBy('at', 'desc')
      .limit(MOST_LISTED);
    return rows.map(mailOf);
  }

  /** Notes a mail; false where there is one of that id, or one that was sent of that week by itself. */
  async add(
    key: AthleteKey,
    { id, week, to, form, at }: Omit<Mail, 'state' | 'at'> & { at: Date },
    byItself: boolean,
  ): Promise<boolean> {
    const rows = await this.knex<MailRow>(tables.mails)
      .insert({ ...key, mail_id: id, week, to, form, state: 'waiting', by_itself: byItself, at })
      .onConflict()
      .ignore()
      .returning('mail_id');
    return rows.length > 0;
  }

  async find({ coach_id, mail_id }: MailKey): Promise<MailRow | undefined> {
    return this.knex<MailRow>(tables.mails).where({ coach_id, mail_id }).first();
  }

  /** Mails that nothing has become of: their job may have been lost with its server. */
  async waiting(): Promise<MailKey[]> {
    return this.knex<MailRow>(tables.mails)
      .where({ state: 'waiting' })
      .select('coach_id', 'mail_id');
  }

  async setState({ coach_id, mail_id }: MailKey, state: Mail['state']): Promise<void> {
    await this.knex<MailRow>(tables.mails).where({ coach_id, mail_id }).update({ state });
  }
}

function mailOf({ mail_id: id, week, to, form, state, at }: MailRow): Mail {
  return { id, week, to, form, state, at: at.toISOString() };
}
