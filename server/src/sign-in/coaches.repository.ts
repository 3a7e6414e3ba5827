import {
  type Coach,
  type Coaching,
  type Settings,
  type HouseRulesBody,
  type LibraryBody,
  type SettingsChange,
  type PacesBody,
  coaching,
  settings,
} from '@nadir/contract';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { keepTables } from '../database/coach-tables.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';
import { notFound } from '../http/refused.js';

interface CoachRow {
  coach_id: string;
  email: string;
  name: string;
  password_hash: string | null;
  settings: unknown;
  house_rules: unknown;
  paces: unknown;
  library: unknown;
  created_at: Date;
}

const defaultSettings: Settings = {
  unit: 'athlete',
  step: 1,
  theme: 'system',
  weekStartsOn: 'monday',
  ledgerRows: 'four',
  singleKeys: true,
};

@Injectable()
export class CoachesRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async anyone(): Promise<boolean> {
    return (await this.rows().first('coach_id')) !== undefined;
  }

  async find(coachId: string): Promise<Coach | undefined> {
    const row = await this.rows().where({ coach_id: coachId }).first();
    return row && coachOf(row);
  }

  /** @throws Refused where there is no such coach */
  async coachingOf(coachId: string): Promise<Coaching> {
    const row = await this.rows().where({ coach_id: coachId }).first();
    if (!row) throw notFound('coach');
    const { house_rules: houseRules, paces, library } = row;
    return stored(coaching, { houseRules, paces, library });
  }

  async findByEmail(
    email: string,
  ): Promise<{ coach: Coach; passwordHash: string | null } | undefined> {
    const row = await this.rows().where({ email }).first();
    return row && { coach: coachOf(row), passwordHash: row.password_hash };
  }

  /** Creates the first coach; nobody when there is one already, however many ask at once. */
  async addFirst(
    coach: Omit<Coach, 'settings'>,
    passwordHash: string | null,
    now: Date,
  ): Promise<Coach | undefined> {
    return this.knex.transaction(async (trx) => {
      await trx.raw(`LOCK TABLE ${tables.coaches} IN SHARE ROW EXCLUSIVE MODE`);
      if (await trx(tables.coaches).first('coach_id')) return undefined;
      await trx<CoachRow>(tables.coaches).insert({
        coach_id: coach.id,
        email: coach.email,
        name: coach.name,
        password_hash: passwordHash,
        settings: JSON.stringify(defaultSettings),
        house_rules: '{}',
        created_at: now,
      });
      return { ...coach, settings: defaultSettings };
    });
  }

  async passwordHashOf(coachId: string): Promise<string | null> {
    const row = await this.rows().where({ coach_id: coachId }).first('password_hash');
    return row?.password_hash ?? null;
  }

  async savePassword(coachId: string, passwordHash: string): Promise<void> {
    await this.rows().where({ coach_id: coachId }).update({ password_hash: passwordHash });
  }

  /** Merged in the database, so that two changes at once both stand. */
  async saveSettings(
    coachId: string,
    changed: SettingsChange,
    on: Knex = this.knex,
  ): Promise<void> {
    await on<CoachRow>(tables.coaches)
      .where({ coach_id: coachId })
      .update({ settings: this.knex.raw('settings || ?::jsonb', [JSON.stringify(changed)]) });
  }

  async saveHouseRules(
    coachId: string,
    changes: HouseRulesBody,
    at: Date,
    on: Knex = this.knex,
  ): Promise<void> {
    await this.saveTables(on, { coachId, kind: 'house-rules', at }, [changes], {
      house_rules: JSON.stringify(changes),
    });
  }

  async savePaces(
    coachId: string,
    table: PacesBody['table'],
    at: Date,
    on: Knex = this.knex,
  ): Promise<void> {
    await this.saveTables(on, { coachId, kind: 'paces', at }, table ? [table] : [], {
      paces: table && JSON.stringify(table),
    });
  }

  async saveLibrary(
    coachId: string,
    families: LibraryBody['families'],
    at: Date,
    on: Knex = this.knex,
  ): Promise<void> {
    await this.saveTables(on, { coachId, kind: 'family', at }, families, {
      library: JSON.stringify(families),
    });
  }

  /** Saves a table of the coach's own, and keeps this version of it for the blocks that name it. */
  private async saveTables(
    on: Knex,
    key: Parameters<typeof keepTables>[1],
    values: readonly object[],
    columns: Partial<CoachRow>,
  ): Promise<void> {
    await on.transaction(async (trx) => {
      // One at a time: versions are counted.
      const coach = trx<CoachRow>(tables.coaches).where({ coach_id: key.coachId });
      await coach.clone().forUpdate().first('coach_id');
      await coach.update(columns);
      await keepTables(trx, key, values);
    });
  }

  private rows() {
    return this.knex<CoachRow>(tables.coaches);
  }
}

function coachOf(row: CoachRow): Coach {
  return {
    id: row.coach_id,
    name: row.name,
    email: row.email,
    settings: stored(settings, row.settings),
  };
}
