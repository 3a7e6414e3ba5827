import { type AthleteBody, type BlockAnswer, type BlockFile, anyBlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import { type OwnSpec, compose, ownOf } from '@nadir/core/spec';
import type { Knex } from 'knex';
import { tablesOf, versionsIn } from '../database/coach-tables.js';
import { stored } from '../database/stored.js';
import { tables } from '../database/tables.js';

/** What of an athlete’s record is at hand. */
export type AthleteFacts = Partial<AthleteBody>;

/** A stored block. */
export interface BlockRow {
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

/** The table of blocks. */
export function blocks(on: Knex) {
  return on<BlockRow>(tables.blocks);
}

/** Rows of blocks, each with the record of its athlete. */
export function wholeRows(on: Knex) {
  const facts = on.raw(
    `(SELECT facts FROM ${tables.athletes} AS athlete
      WHERE athlete.coach_id = ${tables.blocks}.coach_id
        AND athlete.athlete_id = ${tables.blocks}.athlete_id) AS facts`,
  );
  return blocks(on).select('*', facts);
}

/** Blocks as they stand, whole. */
export async function blocksOf(
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

/** The same, with what a save asks of them. */
export async function heldOf(
  on: Knex,
  coachId: string,
  rows: readonly BlockRow[],
): Promise<HeldBlock[]> {
  const whole = await blocksOf(on, coachId, rows);
  return whole.flatMap((block, index) => {
    const row = rows[index];
    if (!row) return [];
    const { kept_on: keptOn, starts_on: startsOn, race_on: raceOn, facts: record } = row;
    return [{ ...block, keptOn, startsOn, raceOn, record }];
  });
}

/** Whose block a file is, with the athlete’s record where it is at hand. */
interface Owner {
  coachId: string;
  athleteId: string;
  record?: AthleteFacts | undefined;
}

/** What a file says that neither its athlete's record nor the coach's tables do. */
export async function ownBlock(
  on: Knex,
  { coachId, athleteId, record }: Owner,
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
