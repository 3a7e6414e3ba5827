import {
  type BlockAnswer,
  type BlockHistory,
  type BlockList,
  type NewBlockBody,
  type PlannedSessions,
  type SaveBlockBody,
  givenOf,
  problemsOfWishes,
} from '@nadir/contract';
import { type CivilDate, examineToday } from '@nadir/core';
import { Inject, Injectable } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { learned } from '../athletes/learned.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { invalid, notFound, staleRevision } from '../http/refused.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { BlocksRepository } from './blocks.repository.js';
import { firstVersion } from './first-version.js';
import { plannedSessionsOf } from './planned-sessions.js';

@Injectable()
export class BlocksService {
  constructor(
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async one(coachId: string, blockId: string): Promise<BlockAnswer> {
    const block = await this.blocks.find(coachId, blockId);
    if (!block) throw notFound('block');
    return block;
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

  async putBack(coachId: string, blockId: string): Promise<BlockAnswer> {
    if (!(await this.blocks.setRemoved(coachId, blockId, null))) throw notFound('block');
    return this.one(coachId, blockId);
  }

  async add(coachId: string, { athleteId, wishes }: NewBlockBody): Promise<BlockAnswer> {
    if (!(await this.athletes.find(coachId, athleteId))) throw notFound('athlete');
    refuseProblems(wishes, this.clock.today());
    refusePastRace(wishes, this.clock.today());
    const by = await this.nameOf(coachId);
    return this.blocks.inTransaction(async (trx) => {
      await this.athletes.learn(trx, coachId, athleteId, (facts) =>
        learned(facts, undefined, wishes.athlete),
      );
      return this.blocks.write(
        trx,
        firstVersion({ coachId, athleteId, wishes, at: this.clock.now(), by }),
      );
    });
  }

  async save(coachId: string, blockId: string, body: SaveBlockBody): Promise<BlockAnswer> {
    refuseProblems(body.wishes, this.clock.today());
    const by = await this.nameOf(coachId);
    return this.blocks.inTransaction(async (trx) => {
      const stored = await this.blocks.hold(trx, coachId, blockId);
      if (!stored) throw notFound('block');
      if (stored.revision !== body.revision) throw staleRevision(stored);
      const { athleteId } = stored;
      await this.athletes.learn(trx, coachId, athleteId, (facts) =>
        learned(facts, stored.wishes.athlete, body.wishes.athlete),
      );
      return this.blocks.write(trx, {
        coachId,
        blockId,
        athleteId,
        revision: stored.revision + 1,
        wishes: body.wishes,
        before: stored.wishes,
        at: this.clock.now(),
        by,
        words: body.words,
      });
    });
  }

  async history(coachId: string, blockId: string): Promise<BlockHistory> {
    await this.one(coachId, blockId);
    return { changes: await this.blocks.changes(coachId, blockId) };
  }

  async sessions(coachId: string, blockId: string): Promise<PlannedSessions> {
    await this.one(coachId, blockId);
    return { sessions: await this.blocks.sessions(coachId, blockId) };
  }

  private async nameOf(coachId: string): Promise<string> {
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    return coach.name;
  }
}

function refuseProblems(wishes: NewBlockBody['wishes'], today: CivilDate): void {
  const given = givenOf(wishes);
  const problems = [
    ...problemsOfWishes(given),
    ...examineToday(given.athlete?.results ?? [], today),
  ];
  if (problems.length > 0) throw invalid(under(problems));
}

/** A block is laid out for a race to come; one that is lived with may outlast its race. */
function refusePastRace(wishes: NewBlockBody['wishes'], today: CivilDate): void {
  const { raceOn } = plannedSessionsOf(wishes);
  if (raceOn >= today) return;
  const message = `The race on ${raceOn} has been run; today is ${today}. Choose a race to come.`;
  throw invalid(under([{ code: 'race-in-the-past', path: ['race', 'date'], message }]));
}

function under(problems: Parameters<typeof invalid>[0]) {
  return problems.map((problem) => ({ ...problem, path: ['wishes', ...problem.path] }));
}
