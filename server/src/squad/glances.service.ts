import {
  type BlockAnswer,
  type BlockGlances,
  type Glances,
  givenOf,
  historyOf,
  measureFor,
} from '@nadir/contract';
import { layOut } from '@nadir/core';
import { addDays, type Measure } from '@nadir/core/base';
import { type Glance, glanceOf, showBlock } from '@nadir/core/present/figures';
import {
  type LastWeek,
  type Lately,
  lastWeekOf,
  latelyOf,
  type Need,
  needOf,
  showReview,
} from '@nadir/core/present/review';
import { reviewBlock } from '@nadir/core/review';
import { rulesOf } from '@nadir/core/rules';
import { Inject, Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { MoveRequestsRepository } from '../athlete-links/move-requests.repository.js';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { notFound } from '../http/refused.js';
import { RecordRepository } from '../record/record.repository.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';

/** Blocks laid out lately: a few squads of sixty. */
const MOST_KEPT = 500;

/** Days of a diary from which its patterns are read. */
const DAYS_READ = 42;
/** Days after which words without an answer are history. */
const DAYS_UNANSWERED = 7;

/** A block as a row of the squad shows it. */
interface Looked {
  glance: Glance;
  need: Need | null;
  lastWeek: LastWeek | null;
  lately: Lately | null;
  /** Words of the last days that have no answer. */
  said: number;
}

@Injectable()
export class GlancesService {
  /** A version is the same at a glance all day in one measure, until more is recorded: it is laid out once. */
  private readonly known = new LRUCache<string, Promise<Looked>>({ max: MOST_KEPT });

  constructor(
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(RecordRepository) private readonly record: RecordRepository,
    @Inject(MoveRequestsRepository) private readonly requests: MoveRequestsRepository,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async all(coachId: string): Promise<Glances> {
    const look = await this.looker(coachId);
    const athletes = await this.athletes.all(coachId);
    const present = await this.blocks.present(coachId, this.clock.today());
    const byAthlete = new Map(present.map((block) => [block.athleteId, block]));
    const waiting = await this.requests.waiting(coachId, addDays(this.clock.today(), -1));
    const rows: Glances['athletes'] = [];
    for (const { id, facts } of athletes.filter(({ state }) => state === 'here')) {
      const block = byAthlete.get(id);
      const looked = block && (await look(block));
      rows.push({
        id,
        name: facts.name,
        asks: waiting.get(id) ?? 0,
        block: block && looked ? { id: block.id, ...looked } : null,
      });
    }
    const archived = athletes
      .filter(({ state }) => state === 'archived')
      .map(({ id, facts }) => ({ id, name: facts.name }));
    return { athletes: rows, archived };
  }

  /** Every block, past and to come, newest race first. */
  async ofBlocks(coachId: string): Promise<BlockGlances> {
    const look = await this.looker(coachId);
    const rows: BlockGlances['blocks'] = [];
    for (const block of await this.blocks.all(coachId)) {
      const { glance } = await look(block);
      rows.push({ id: block.id, glance });
    }
    return { blocks: rows };
  }

  /** Looks at blocks of a coach's, in the coach's measure. */
  private async looker(coachId: string): Promise<(block: BlockAnswer) => Promise<Looked>> {
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    const from = addDays(this.clock.today(), -DAYS_READ);
    const saved = await this.record.savedSince(coachId, from);
    return (block) =>
      this.looked(coachId, block, coach.settings, { from, stamp: saved.get(block.athleteId) });
  }

  /** Whoever asks while a block is being looked at waits for the same look. */
  private looked(
    coachId: string,
    present: BlockAnswer,
    settings: Parameters<typeof measureFor>[0],
    { from, stamp = '' }: { from: string; stamp: string | undefined },
  ): Promise<Looked> {
    const { id, revision, wishes } = present;
    const asOf = this.clock.today();
    const shown = measureFor(settings, wishes.athlete);
    const { basis, unit, step } = shown;
    const key = [coachId, id, revision, asOf, basis, unit, step, stamp].join(' ');
    const known = this.known.get(key);
    if (known) return known;
    const looking = this.look(coachId, present, { from, stamp, asOf, shown });
    this.known.set(key, looking);
    // What failed is looked at again, and says why to whoever asked.
    looking.catch(() => this.known.delete(key));
    return looking;
  }

  private async look(
    coachId: string,
    present: BlockAnswer,
    { from, stamp, asOf, shown }: { from: string; stamp: string; asOf: string; shown: Measure },
  ): Promise<Looked> {
    const { wishes, athleteId } = present;
    const history = historyOf(await this.blocks.daysThatStay(coachId, present, asOf));
    const block = layOut(givenOf(wishes), { asOf, history, shown });
    const figures = showBlock(block, shown);
    const glance = glanceOf(block, block.findings, figures, asOf);
    const of = { coach_id: coachId, athlete_id: athleteId };
    const { entries, mornings } = await this.record.between(of, { from, to: asOf });
    const rules = rulesOf(block.spec);
    const review = reviewBlock({ block, rules, today: asOf, entries, mornings });
    // Without a diary nobody is looked at for keeping none.
    const isKept = stamp !== '';
    const need = isKept ? needOf(review) : null;
    const lately = isKept ? latelyOf(review, asOf) : null;
    const unanswered = addDays(asOf, -DAYS_UNANSWERED);
    const said = entries.filter(
      ({ date, words, answer }) =>
        date >= unanswered && words !== undefined && answer === undefined,
    ).length;
    const lastWeek = lastWeekOf(review, showReview(review, figures));
    return { glance, need, lastWeek, lately, said };
  }
}
