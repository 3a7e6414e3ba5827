import {
  type AthleteBody,
  type BlockAnswer,
  type BlockFile,
  type BlockHistory,
  type BlockVersion,
  type HistoryQuery,
  type OpenBlock,
  type PastBody,
  type PlannedDay,
  anyBlockFile,
} from '@nadir/contract';
import { type CivilDate, differenceInDays } from '@nadir/core/base';
import { type OwnSpec, compose, ownOf } from '@nadir/core/spec';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { AthleteKey } from '../athletes/athletes.repository.js';
import { KNEX } from '../database/knex.js';
import { tablesOf, versionsIn } from '../database/coach-tables.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';
import { planOf } from './plan-of.js';
import {
  type DayRow,
  dayOf,
  daysThatStay,
  insertDays,
  plannedDays,
  setReopened,
  staying,
  storedDays,
  writePlan,
} from './planned-days.js';

type AthleteFacts = Partial<AthleteBody>;

interface BlockRow {
  coach_id: string;
  block_id: string;
  athlete_id: string;
  revision: number;
  /** What it says for itself; whole with its athlete’s record and the tables it names. */
  wishes: OwnSpec<BlockFile>;
  facts: AthleteBody;
  starts_on: string;
  race_on: string;
  /** First kept on this day of the coach's: its days are handed out from then on. */
  kept_on: string;
  saved_at: Date;
  removed_at: Date | null;
}

interface ChangeRow {
  coach_id: string;
  block_id: string;
  revision: number;
  at: Date;
  by: string;
  words: string;
  after: unknown;
  save_id: string | null;
}

type RepeatedRow = Pick<ChangeRow, 'block_id' | 'revision' | 'at' | 'after'> &
  Pick<BlockRow, 'athlete_id'> & { same: boolean };

/** A version of a block on its way into the database. */
export interface Version {
  coachId: string;
  blockId: string;
  athleteId: string;
  revision: number;
  wishes: BlockFile;
  at: Date;
  by: string;
  words: string;
  /** Sent along by the page, so that the same save stores nothing a second time. */
  saveId: string | undefined;
  /** The coach's day: the plan before it stays as it was handed out. */
  today: CivilDate;
  /** What is stored until now; undefined for a new block. */
  before: HeldBlock | undefined;
  /** Of a new block: days that were over before it came here, as they were handed out. */
  handedOut?: PlannedDay[] | undefined;
  /** The athlete's record, where it is at hand. */
  record?: AthleteFacts | undefined;
}

/** A stored version, held for a save. */
export interface HeldBlock extends BlockAnswer {
  keptOn: CivilDate;
  startsOn: CivilDate;
  raceOn: CivilDate;
  /** The athlete's record as it stands. */
  record: AthleteBody;
}

/** What a held block is to the world. */
export function asAnswer({ id, athleteId, revision, savedAt, wishes }: HeldBlock): BlockAnswer {
  return { id, athleteId, revision, savedAt, wishes };
}

/** What an earlier save of the same id stored. */
export interface StoredSave {
  block: BlockAnswer;
  /** True when it stored these very wishes. */
  same: boolean;
}

/** The largest that PostgreSQL counts to in an integer. */
const MOST_REVISION = 2_147_483_647;

@Injectable()
export class BlocksRepository {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  async find(
    coachId: string,
    blockId: string,
    on: Knex = this.knex,
  ): Promise<BlockAnswer | undefined> {
    const rows = await wholeRows(on)
      .where({ coach_id: coachId, block_id: blockId, removed_at: null })
      .limit(1);
    const [block] = await blocksOf(on, coachId, rows);
    return block;
  }

  /** Each athlete's block in hand: the next race from `today` on, else the last one run. */
  async present(coachId: string, today: string): Promise<BlockAnswer[]> {
    return blocksOf(this.knex, coachId, await this.presentRows({ coach_id: coachId }, today));
  }

  /** The same of one athlete; undefined where there is none. */
  async presentOf(key: AthleteKey, today: string): Promise<BlockAnswer | undefined> {
    const { coach_id, athlete_id } = key;
    const rows = await this.presentRows({ coach_id, athlete_id }, today);
    const [block] = await blocksOf(this.knex, coach_id, rows);
    return block;
  }

  private presentRows(of: { coach_id: string; athlete_id?: string }, today: string) {
    return wholeRows(this.knex)
      .distinctOn('athlete_id')
      .where({ ...of, removed_at: null })
      .orderBy('athlete_id')
      .orderByRaw('race_on < ?', [today])
      .orderByRaw(
        'CASE WHEN race_on < ? THEN -extract(epoch from race_on) ELSE extract(epoch from race_on) END',
        [today],
      );
  }

  /** Newest race first. */
  async all(coachId: string): Promise<BlockAnswer[]> {
    const rows = await wholeRows(this.knex)
      .where({ coach_id: coachId, removed_at: null })
      .whereNotIn('athlete_id', removedAthletes(this.knex, coachId))
      .orderBy([{ column: 'race_on', order: 'desc' }, { column: 'block_id' }]);
    return blocksOf(this.knex, coachId, rows);
  }

  /** False when the coach has no such block, or it stands that way already. */
  async setRemoved(coachId: string, blockId: string, at: Date | null): Promise<boolean> {
    const key = { coach_id: coachId, block_id: blockId };
    const standing = at === null ? 'removed_at IS NOT NULL' : 'removed_at IS NULL';
    return (await blocks(this.knex).where(key).whereRaw(standing).update({ removed_at: at })) > 0;
  }

  /**
   * Once more, and told so, where the id of a save was used before: it came twice
   * at once, and the second finds the first.
   */
  async inTransaction<T>(
    work: (trx: Knex.Transaction, isAgain: boolean) => Promise<T>,
  ): Promise<T> {
    try {
      return await this.knex.transaction((trx) => work(trx, false));
    } catch (error) {
      if (!isSameSave(error)) throw error;
      return this.knex.transaction((trx) => work(trx, true));
    }
  }

  /** The stored version, held against other saves until the transaction ends. */
  async hold(
    trx: Knex.Transaction,
    coachId: string,
    blockId: string,
  ): Promise<HeldBlock | undefined> {
    const rows = await wholeRows(trx)
      .where({ coach_id: coachId, block_id: blockId, removed_at: null })
      .forUpdate();
    const [held] = await heldOf(trx, coachId, rows);
    return held;
  }

  /** An athlete's blocks that are on the lists, held against saves; in no order. */
  async holdAll(trx: Knex.Transaction, coachId: string, athleteId: string): Promise<HeldBlock[]> {
    const rows = await wholeRows(trx)
      .where({ coach_id: coachId, athlete_id: athleteId, removed_at: null })
      .forUpdate();
    return heldOf(trx, coachId, rows);
  }

  /** Writes anew what a block says for itself, so that it stays whole as it is under another record. */
  async keepAsIs(
    trx: Knex.Transaction,
    coachId: string,
    { id, athleteId, wishes }: BlockAnswer,
  ): Promise<void> {
    const own = await ownBlock(trx, { coachId, athleteId }, wishes);
    await blocks(trx)
      .where({ coach_id: coachId, block_id: id })
      .update({ wishes: JSON.stringify(own) as never });
  }

  /**
   * Writes a version with its change and its plan: all of them or none. The plan
   * of days that are over stays as it was handed out.
   *
   * @param keptOn the day a new block counts as kept on: today, unless it is laid out as one that was lived with
   */
  async write(
    trx: Knex.Transaction,
    version: Version,
    keptOn: CivilDate = version.today,
  ): Promise<OpenBlock> {
    const { coachId, blockId, athleteId, revision, wishes, at, today, before } = version;
    const key = { coach_id: coachId, block_id: blockId };
    const standing = before ? await this.handedOut(trx, key, before, today) : [];
    const history = before
      ? staying(standing, { engine: wishes.engine, today })
      : (version.handedOut ?? []);
    const { startsOn, raceOn, days } = planOf(wishes, today, history);
    const row = {
      ...key,
      athlete_id: athleteId,
      revision,
      wishes: JSON.stringify(await ownBlock(trx, version, wishes)) as never,
      starts_on: startsOn,
      race_on: raceOn,
      kept_on: before?.keptOn ?? keptOn,
      saved_at: at,
    };
    await trx(tables.blocks).insert(row).onConflict(['coach_id', 'block_id']).merge();
    await trx<ChangeRow>(tables.blockChanges).insert({
      ...key,
      revision,
      at,
      by: version.by,
      words: version.words,
      after: JSON.stringify(wishes),
      save_id: version.saveId ?? null,
    });
    await writePlan(trx, key, { days, from: before ? today : keptOn, standing });
    // Under the ids that they have here.
    const kept = version.handedOut ? await plannedDays(trx, key, today) : history;
    return { id: blockId, athleteId, revision, savedAt: at.toISOString(), wishes, history: kept };
  }

  /**
   * The stored days of a block. Those that are over and were never written are
   * handed out as the version had them that stood until now: those of a block
   * from before plans were kept by the day.
   */
  private async handedOut(
    trx: Knex.Transaction,
    key: Pick<BlockRow, 'coach_id' | 'block_id'>,
    { wishes, keptOn, startsOn }: HeldBlock,
    today: CivilDate,
  ): Promise<DayRow[]> {
    const standing = await storedDays(trx, key);
    const from = keptOn > startsOn ? keptOn : startsOn;
    const over = new Set(standing.map(({ date }) => date).filter((date) => date < today));
    const expected = Math.max(0, differenceInDays(today, from));
    if ([...over].filter((date) => date >= from).length >= expected) return standing;
    const { days } = planOf(wishes, today, standing.filter(({ date }) => date < today).map(dayOf));
    const missing = days.filter(
      ({ day: { date } }) => date >= keptOn && date < today && !over.has(date),
    );
    if (missing.length === 0) return standing;
    await insertDays(trx, key, missing);
    return storedDays(trx, key);
  }

  /** What the save of an id stored, if it did: its answer may have been lost. */
  async storedBy(
    trx: Knex.Transaction,
    coachId: string,
    saveId: string | undefined,
    wishes: BlockFile,
  ): Promise<StoredSave | undefined> {
    if (saveId === undefined) return undefined;
    const row = await trx(tables.blockChanges)
      .join(tables.blocks, (join) =>
        join
          .on(`${tables.blocks}.coach_id`, `${tables.blockChanges}.coach_id`)
          .andOn(`${tables.blocks}.block_id`, `${tables.blockChanges}.block_id`),
      )
      .where({ [`${tables.blockChanges}.coach_id`]: coachId, save_id: saveId })
      .first<RepeatedRow | undefined>(
        `${tables.blockChanges}.block_id`,
        'athlete_id',
        `${tables.blockChanges}.revision`,
        'at',
        'after',
        trx.raw('"after" = ?::jsonb AS same', [JSON.stringify(wishes)]),
      );
    if (!row) return undefined;
    const block = {
      id: row.block_id,
      athleteId: row.athlete_id,
      revision: row.revision,
      savedAt: row.at.toISOString(),
      wishes: stored(anyBlockFile, row.after),
    };
    return { block, same: row.same };
  }

  /** A page of changes without their versions, newest first. */
  async changes(
    coachId: string,
    blockId: string,
    { before, limit }: HistoryQuery,
  ): Promise<BlockHistory> {
    const rows = await this.knex<ChangeRow>(tables.blockChanges)
      .where({ coach_id: coachId, block_id: blockId })
      .andWhere('revision', '<', before ?? MOST_REVISION)
      .orderBy('revision', 'desc')
      .limit(limit + 1)
      .select('revision', 'at', 'by', 'words');
    return { changes: rows.slice(0, limit).map(changeOf), more: rows.length > limit };
  }

  async version(
    coachId: string,
    blockId: string,
    revision: number,
  ): Promise<BlockVersion | undefined> {
    const row = await this.knex<ChangeRow>(tables.blockChanges)
      .where({ coach_id: coachId, block_id: blockId, revision })
      .first();
    return row && { ...changeOf(row), wishes: stored(anyBlockFile, row.after) };
  }

  /** The plan by the day, oldest first. */
  days(coachId: string, blockId: string): Promise<PlannedDay[]> {
    return plannedDays(this.knex, { coach_id: coachId, block_id: blockId });
  }

  /** The days that stay as they are stored, oldest first. */
  daysThatStay(
    coachId: string,
    { id, wishes: { engine } }: Pick<BlockAnswer, 'id' | 'wishes'>,
    today: CivilDate,
  ): Promise<PlannedDay[]> {
    return daysThatStay(this.knex, { coach_id: coachId, block_id: id }, { engine, today });
  }

  setReopened(coachId: string, blockId: string, days: PastBody, today: CivilDate): Promise<void> {
    return setReopened(this.knex, { coach_id: coachId, block_id: blockId }, days, today);
  }
}

function blocks(on: Knex) {
  return on<BlockRow>(tables.blocks);
}

/** Two requests with one save id, at the same moment. */
function isSameSave(error: unknown): boolean {
  const constraint =
    error instanceof Error && 'constraint' in error ? String(error.constraint) : '';
  return constraint.includes('save_id');
}

function changeOf({
  revision,
  at,
  by,
  words,
}: Pick<ChangeRow, 'revision' | 'at' | 'by' | 'words'>) {
  return { revision, at: at.toISOString(), by, words };
}

/** Rows of blocks, each with the record of its athlete. */
function wholeRows(on: Knex) {
  const facts = on.raw(
    `(SELECT facts FROM ${tables.athletes} AS athlete
      WHERE athlete.coach_id = ${tables.blocks}.coach_id
        AND athlete.athlete_id = ${tables.blocks}.athlete_id) AS facts`,
  );
  return blocks(on).select('*', facts);
}

function removedAthletes(on: Knex, coachId: string) {
  return on(tables.athletes)
    .where({ coach_id: coachId })
    .whereNotNull('removed_at')
    .select('athlete_id');
}

async function blocksOf(
  on: Knex,
  coachId: string,
  rows: readonly BlockRow[],
): Promise<BlockAnswer[]> {
  const at = await tablesOf(
    on,
    coachId,
    rows.map(({ wishes }) => wishes),
  );
  return rows.map((row) => ({
    id: row.block_id,
    athleteId: row.athlete_id,
    revision: row.revision,
    savedAt: row.saved_at.toISOString(),
    wishes: stored(anyBlockFile, compose(row.facts, row.wishes, at)),
  }));
}

async function heldOf(on: Knex, coachId: string, rows: readonly BlockRow[]): Promise<HeldBlock[]> {
  const whole = await blocksOf(on, coachId, rows);
  return whole.flatMap((block, index) => {
    const row = rows[index];
    if (!row) return [];
    const { kept_on: keptOn, starts_on: startsOn, race_on: raceOn, facts: record } = row;
    return [{ ...block, keptOn, startsOn, raceOn, record }];
  });
}

/** What a file says that neither its athlete's record nor the coach's tables do. */
async function ownBlock(
  on: Knex,
  { coachId, athleteId, record }: Pick<Version, 'coachId' | 'athleteId' | 'record'>,
  file: BlockFile,
): Promise<OwnSpec<BlockFile>> {
  const facts = record ?? (await factsOf(on, coachId, athleteId));
  return ownOf(facts, file, await versionsIn(on, coachId, file));
}

async function factsOf(on: Knex, coachId: string, athleteId: string): Promise<AthleteFacts> {
  const row = await on<Pick<BlockRow, 'coach_id' | 'athlete_id' | 'facts'>>(tables.athletes)
    .where({ coach_id: coachId, athlete_id: athleteId })
    .first('facts');
  return row?.facts ?? {};
}
