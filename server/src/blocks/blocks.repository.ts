import type {
  BlockAnswer,
  BlockFile,
  BlockHistory,
  BlockVersion,
  HistoryQuery,
  OpenBlock,
  PastBody,
  PlannedDay,
} from '@nadir/contract';
import { type CivilDate, differenceInDays } from '@nadir/core/base';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import type { AthleteKey } from '../athletes/athletes.repository.js';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';
import {
  type ChangeRow,
  changesOf,
  isSameSave,
  type StoredSave,
  storedBy,
  versionOf,
} from './block-changes.js';
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
import {
  type AthleteFacts,
  type BlockRow,
  blocks,
  blocksOf,
  type HeldBlock,
  heldOf,
  ownBlock,
  wholeRows,
} from './whole-blocks.js';

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
  storedBy(
    trx: Knex.Transaction,
    coachId: string,
    saveId: string | undefined,
    wishes: BlockFile,
  ): Promise<StoredSave | undefined> {
    return storedBy(trx, coachId, saveId, wishes);
  }

  /** A page of changes without their versions, newest first. */
  changes(coachId: string, blockId: string, page: HistoryQuery): Promise<BlockHistory> {
    return changesOf(this.knex, coachId, blockId, page);
  }

  /** A change with the version it led to. */
  version(coachId: string, blockId: string, revision: number): Promise<BlockVersion | undefined> {
    return versionOf(this.knex, coachId, blockId, revision);
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

function removedAthletes(on: Knex, coachId: string) {
  return on(tables.athletes)
    .where({ coach_id: coachId })
    .whereNotNull('removed_at')
    .select('athlete_id');
}
