import {
  type AthleteAnswer,
  type AthleteBody,
  type AthletePreview,
  type BlockFile,
  type PlannedDay,
  givenOf,
  historyOf,
  soundSpec,
} from '@nadir/contract';
import { layOut } from '@nadir/core';
import { type CivilDate, canonicalJson } from '@nadir/core/base';
import { daysMoved } from '@nadir/core/present/compare';
import { composeFacts, ownFacts } from '@nadir/core/spec';
import { Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { notFound } from '../http/refused.js';
import { BlocksRepository } from './blocks.repository.js';
import type { HeldBlock } from './whole-blocks.js';

/** A change of a record on its way into the database. */
export interface RecordChange {
  coachId: string;
  athleteId: string;
  change: (facts: AthleteBody) => AthleteBody;
  /** Blocks that keep what they had; of a change made elsewhere, all whose days to come would move. */
  apart: readonly string[] | 'moved';
  /** The block the change was made on: it is saved by itself. */
  except?: string;
  by: string;
  today: CivilDate;
  at: Date;
}

/** A block under a changed record. */
interface Followed {
  file: BlockFile;
  /** Days to come that would move. */
  days: CivilDate[];
  /** Why it cannot be laid out so. */
  problem: string | undefined;
}

/** What changes with an athlete's record: every block of the athlete reads it. */
@Injectable()
export class RecordChanges {
  constructor(
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
  ) {}

  /** What a changed record would mean for the blocks that are still to be raced. */
  async preview(
    coachId: string,
    { id, facts }: AthleteAnswer,
    changed: AthleteBody,
    today: CivilDate,
  ): Promise<AthletePreview> {
    const all = await this.blocks.inTransaction((trx) => this.blocks.holdAll(trx, coachId, id));
    const blocks: AthletePreview['blocks'] = [];
    for (const block of all.filter(({ raceOn }) => raceOn >= today)) {
      const { days, problem } = await this.follow(coachId, block, { facts, changed, today });
      const { race } = block.wishes;
      blocks.push({
        id: block.id,
        race: { name: race.name, date: block.raceOn },
        days: days.length,
        problem: problem ?? null,
      });
    }
    return { blocks };
  }

  /**
   * Changes a record, and every block that reads it: laid out anew as a version of
   * its own, or kept as it is where it is apart, over, or could not be laid out.
   */
  async apply(trx: Knex.Transaction, asked: RecordChange): Promise<void> {
    const { coachId, athleteId, apart, except, today, at, by } = asked;
    const record = await this.athletes.hold(trx, coachId, athleteId);
    if (!record) throw notFound('athlete');
    const { facts } = record;
    const changed = asked.change(facts);
    if (canonicalJson(changed) === canonicalJson(facts)) return;
    const blocks = await this.blocks.holdAll(trx, coachId, athleteId);
    await this.athletes.write(trx, coachId, record, changed);
    for (const block of blocks.filter(({ id }) => id !== except)) {
      const { file, days, problem } = await this.follow(coachId, block, { facts, changed, today });
      const isApart = apart === 'moved' ? days.length > 0 : apart.includes(block.id);
      const stays = isApart || problem !== undefined || block.raceOn < today;
      if (stays || canonicalJson(file) === canonicalJson(block.wishes)) {
        await this.blocks.keepAsIs(trx, coachId, block);
      } else {
        await this.blocks.write(trx, {
          coachId,
          blockId: block.id,
          athleteId,
          revision: block.revision + 1,
          wishes: file,
          at,
          by,
          words: `The record of ${changed.name} changed.`,
          saveId: undefined,
          today,
          before: block,
        });
      }
    }
  }

  private async follow(
    coachId: string,
    block: HeldBlock,
    { facts, changed, today }: { facts: AthleteBody; changed: AthleteBody; today: CivilDate },
  ): Promise<Followed> {
    const { wishes } = block;
    const followed = composeFacts(changed, ownFacts(facts, wishes.athlete ?? {}));
    const athlete = sameCount(facts, changed) ? followed : countedAs(wishes.athlete, followed);
    const file: BlockFile = { ...wishes, athlete };
    const sound = soundSpec(givenOf(file));
    if (!sound.ok) return { file, days: [], problem: sound.problems[0]?.message };
    const history = await this.blocks.daysThatStay(coachId, block, today);
    const [before, after] = [wishes, file].map((each) => laidOut(each, history, today));
    const days = before && after ? daysMoved(before, after, today) : [];
    return { file, days, problem: undefined };
  }
}

type Facts = NonNullable<BlockFile['athlete']>;

function sameCount(one: Facts, other: Facts): boolean {
  return (one.basis ?? 'distance') === (other.basis ?? 'distance');
}

/** A block’s own amounts are metres or seconds: it stays counted as it was, whatever the next one will be. */
function countedAs({ basis, recentWeeks, longestRecentRun }: Facts = {}, followed: Facts): Facts {
  return composeFacts({ ...followed, basis, recentWeeks, longestRecentRun });
}

function laidOut(file: BlockFile, history: readonly PlannedDay[], asOf: CivilDate) {
  return layOut(givenOf(file), { asOf, history: historyOf(history) });
}
