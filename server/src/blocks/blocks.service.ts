import {
  type AthleteAnswer,
  type AthleteBody,
  type BlockAnswer,
  type BlockFile,
  type BlockHistory,
  type BlockList,
  type BlockVersion,
  type HistoryQuery,
  type NewBlockBody,
  type OpenBlock,
  type PastBody,
  type PlannedDays,
  type SaveBlockBody,
  forNewBlock,
  givenOf,
} from '@nadir/contract';
import { type CivilDate, canonicalJson } from '@nadir/core/base';
import { dateWords } from '@nadir/core/base/format';
import { resolveSpec } from '@nadir/core/layout';
import { validateSpec, validateToday } from '@nadir/core/layout/validate';
import type { ResolvedSpec } from '@nadir/core/spec';
import { Inject, Injectable } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { learned } from '../athletes/learned.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { invalid, notFound, staleRevision } from '../http/refused.js';
import type { StoredSave } from './block-changes.js';
import { BlocksRepository } from './blocks.repository.js';
import { RecordChanges } from './record-changes.js';
import { firstVersion } from './first-version.js';
import { asAnswer } from './whole-blocks.js';

@Injectable()
export class BlocksService {
  constructor(
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(RecordChanges) private readonly records: RecordChanges,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async one(coachId: string, blockId: string): Promise<OpenBlock> {
    return this.opened(coachId, await this.find(coachId, blockId));
  }

  async all(coachId: string): Promise<BlockList> {
    return { blocks: await this.blocks.all(coachId) };
  }

  /** Off the lists, with everything kept: it can be put back. */
  async remove(coachId: string, blockId: string): Promise<{ done: true }> {
    const removed = await this.blocks.setRemoved(coachId, blockId, this.clock.now());
    if (!removed) throw notFound('block');
    return { done: true };
  }

  async putBack(coachId: string, blockId: string): Promise<OpenBlock> {
    if (!(await this.blocks.setRemoved(coachId, blockId, null))) throw notFound('block');
    return this.one(coachId, blockId);
  }

  async add(
    coachId: string,
    { athleteId, wishes: sent, saveId, history = [] }: NewBlockBody,
    by: string,
  ): Promise<OpenBlock> {
    const record = await this.athletes.find(coachId, athleteId);
    if (!record) throw notFound('athlete');
    const wishes = ofRecord(record.facts, forNewBlock(sent));
    const today = this.clock.today();
    mustBeSound(wishes, today);
    refusePastRace(resolveSpec(givenOf(wishes)), today);
    return this.blocks.inTransaction(async (trx) => {
      const repeated = repeatOf(await this.blocks.storedBy(trx, coachId, saveId, wishes));
      if (repeated) return this.opened(coachId, repeated);
      await this.records.apply(trx, {
        coachId,
        athleteId,
        change: (facts) => learned(facts, undefined, wishes.athlete),
        apart: 'moved',
        by,
        today,
        at: this.clock.now(),
      });
      const version = firstVersion({
        coachId,
        athleteId,
        wishes,
        at: this.clock.now(),
        today,
        by,
        saveId,
      });
      const handedOut = history.filter(({ day: { date } }) => date < today);
      const from = handedOut.map(({ day: { date } }) => date).sort()[0] ?? today;
      return this.blocks.write(trx, { ...version, handedOut }, from);
    });
  }

  async save(
    coachId: string,
    blockId: string,
    body: SaveBlockBody & { by: string },
  ): Promise<OpenBlock> {
    const today = this.clock.today();
    mustBeSound(body.wishes, today);
    return this.blocks.inTransaction(async (trx, isAgain) => {
      const stored = await this.blocks.hold(trx, coachId, blockId);
      if (!stored) throw notFound('block');
      const { saveId, wishes, words, by } = body;
      const isStale = stored.revision !== body.revision;
      // On the version that stands, a save was stored before only where its id says so on the way in.
      if (isStale || isAgain) {
        const repeated = repeatOf(await this.blocks.storedBy(trx, coachId, saveId, wishes));
        if (repeated) return this.opened(coachId, repeated);
      }
      if (isStale) throw staleRevision(asAnswer(stored));
      const { athleteId } = stored;
      const of = { coachId, athleteId, by, today, at: this.clock.now() };
      const learn = (facts: AthleteBody) => learned(facts, stored.wishes.athlete, wishes.athlete);
      // Most saves teach nothing: the record is not held for them.
      const teaches = canonicalJson(learn(stored.record)) !== canonicalJson(stored.record);
      if (teaches) {
        await this.records.apply(trx, { ...of, change: learn, apart: 'moved', except: blockId });
      }
      const next = { ...of, blockId, revision: stored.revision + 1, wishes, saveId, words };
      const record = teaches ? undefined : stored.record;
      return this.blocks.write(trx, { ...next, before: stored, record });
    });
  }

  async history(coachId: string, blockId: string, page: HistoryQuery): Promise<BlockHistory> {
    await this.find(coachId, blockId);
    return this.blocks.changes(coachId, blockId, page);
  }

  async version(coachId: string, blockId: string, revision: number): Promise<BlockVersion> {
    await this.find(coachId, blockId);
    const version = await this.blocks.version(coachId, blockId, revision);
    if (!version) throw notFound('version');
    return version;
  }

  async days(coachId: string, blockId: string): Promise<PlannedDays> {
    await this.find(coachId, blockId);
    return { days: await this.blocks.days(coachId, blockId) };
  }

  /** Opens days that are over for changes, or closes them as they now stand. */
  async changePast(coachId: string, blockId: string, days: PastBody): Promise<OpenBlock> {
    await this.find(coachId, blockId);
    await this.blocks.setReopened(coachId, blockId, days, this.clock.today());
    return this.one(coachId, blockId);
  }

  private async find(coachId: string, blockId: string): Promise<BlockAnswer> {
    const block = await this.blocks.find(coachId, blockId);
    if (!block) throw notFound('block');
    return block;
  }

  private async opened(coachId: string, block: BlockAnswer): Promise<OpenBlock> {
    return {
      ...block,
      history: await this.blocks.daysThatStay(coachId, block, this.clock.today()),
    };
  }
}

/** A save that was stored before is answered with what was stored; its id serves nothing else. */
function repeatOf(stored: StoredSave | undefined): BlockAnswer | undefined {
  if (stored === undefined || stored.same) return stored?.block;
  const message = 'was the id of another save. Every save has an id of its own.';
  throw invalid([{ code: 'save-id-used', path: ['saveId'], message }]);
}

/** Refuses what cannot be laid out. */
function mustBeSound(wishes: NewBlockBody['wishes'], today: CivilDate): void {
  const given = givenOf(wishes);
  const problems = [...validateSpec(given), ...validateToday(given.athlete?.results ?? [], today)];
  if (problems.length > 0) throw invalid(under(problems));
}

/** A block is laid out for a race to come; one that is lived with may outlast its race. */
function refusePastRace({ race }: ResolvedSpec, today: CivilDate): void {
  if (race.date >= today) return;
  const message = `The race on ${dateWords(race.date)} has been run; today is ${dateWords(today)}. Choose a race to come.`;
  throw invalid(under([{ code: 'race-in-the-past', path: ['race', 'date'], message }]));
}

function under(problems: Parameters<typeof invalid>[0]) {
  return problems.map((problem) => ({ ...problem, path: ['wishes', ...problem.path] }));
}

/** A new block that says nothing of its athlete goes by the record; without a name it never is. */
function ofRecord(facts: AthleteAnswer['facts'], wishes: BlockFile): BlockFile {
  const { athlete = facts } = wishes;
  return { ...wishes, athlete: { ...athlete, name: athlete.name ?? facts.name } };
}
