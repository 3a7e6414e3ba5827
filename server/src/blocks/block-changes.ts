import {
  type BlockAnswer,
  type BlockFile,
  type BlockHistory,
  type BlockVersion,
  type HistoryQuery,
  anyBlockFile,
} from '@nadir/contract';
import type { Knex } from 'knex';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';
import type { BlockRow } from './whole-blocks.js';

/** A stored change: what it was, and the version it led to. */
export interface ChangeRow {
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

/** What an earlier save of the same id stored. */
export interface StoredSave {
  block: BlockAnswer;
  /** True when it stored these very wishes. */
  same: boolean;
}

/** What the save of an id stored, if it did: its answer may have been lost. */
export async function storedBy(
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

/** Two requests with one save id, at the same moment. */
export function isSameSave(error: unknown): boolean {
  const constraint =
    error instanceof Error && 'constraint' in error ? String(error.constraint) : '';
  return constraint.includes('save_id');
}

/** The largest that PostgreSQL counts to in an integer. */
const MOST_REVISION = 2_147_483_647;

/** A page of changes without their versions, newest first. */
export async function changesOf(
  on: Knex,
  coachId: string,
  blockId: string,
  { before, limit }: HistoryQuery,
): Promise<BlockHistory> {
  const rows = await on<ChangeRow>(tables.blockChanges)
    .where({ coach_id: coachId, block_id: blockId })
    .andWhere('revision', '<', before ?? MOST_REVISION)
    .orderBy('revision', 'desc')
    .limit(limit + 1)
    .select('revision', 'at', 'by', 'words');
  return { changes: rows.slice(0, limit).map(changeOf), more: rows.length > limit };
}

/** A change with the version it led to; undefined where there is none. */
export async function versionOf(
  on: Knex,
  coachId: string,
  blockId: string,
  revision: number,
): Promise<BlockVersion | undefined> {
  const row = await on<ChangeRow>(tables.blockChanges)
    .where({ coach_id: coachId, block_id: blockId, revision })
    .first();
  return row && { ...changeOf(row), wishes: stored(anyBlockFile, row.after) };
}

function changeOf({
  revision,
  at,
  by,
  words,
}: Pick<ChangeRow, 'revision' | 'at' | 'by' | 'words'>) {
  return { revision, at: at.toISOString(), by, words };
}
