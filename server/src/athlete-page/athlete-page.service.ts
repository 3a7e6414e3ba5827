import {
  type AthletePage,
  type BlockAnswer,
  type DoneEntry,
  type KeptEntry,
  measureFor,
  type PageBlock,
} from '@nadir/contract';
import { addDays } from '@nadir/core/base';
import { Inject, Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { AthleteLinksRepository, type LinkRow } from '../athlete-links/athlete-links.repository.js';
import { MoveRequestsRepository } from '../athlete-links/move-requests.repository.js';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock, daysAhead } from '../clock/clock.js';
import { HandoutsService } from '../handouts/handouts.service.js';
import { notFound } from '../http/refused.js';
import { RecordRepository } from '../record/record.repository.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';

/** Days of what was done that a page shows. */
const DAYS_BACK = 42;
const MOST_KEPT = 200;

/** What an athlete’s page shows, put together field by field: what is not named here does not leave. */
@Injectable()
export class AthletePageService {
  /** A version looks the same all day. */
  private readonly known = new LRUCache<string, Promise<PageBlock>>({ max: MOST_KEPT });

  constructor(
    @Inject(AthleteLinksRepository) private readonly links: AthleteLinksRepository,
    @Inject(MoveRequestsRepository) private readonly requests: MoveRequestsRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(RecordRepository) private readonly record: RecordRepository,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(HandoutsService) private readonly handouts: HandoutsService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async of(link: LinkRow): Promise<AthletePage> {
    const { coach_id: coachId, athlete_id: athleteId } = link;
    const today = this.clock.today();
    const coach = await this.coaches.find(coachId);
    const athlete = await this.athletes.find(coachId, athleteId);
    if (!coach || !athlete) throw notFound('athlete');
    await this.links.setSeen(link, this.clock.now());
    const block = await this.blocks.presentOf(link, today);
    const key = { coach_id: coachId, athlete_id: athleteId };
    const days = { from: addDays(today, -DAYS_BACK), to: addDays(today, 1) };
    const { entries, mornings, reviews } = await this.record.between(key, days);
    const measure = measureFor(coach.settings, block?.wishes.athlete);
    return {
      athlete: athlete.facts.name,
      coach: coach.name,
      ends: link.ends,
      daysAhead: daysAhead(this.clock),
      block: block ? await this.shown(coachId, block, JSON.stringify(measure)) : null,
      done: entries.map(doneOf),
      sore: mornings.flatMap(({ date, sore }) => (sore ? [{ date, ...sore }] : [])),
      said: reviews.flatMap(({ date, words, closed }) =>
        closed && words ? [{ date, words }] : [],
      ),
      requests: await this.requests.all(key),
    };
  }

  private shown(coachId: string, block: BlockAnswer, measure: string): Promise<PageBlock> {
    const key = [block.id, block.revision, this.clock.today(), measure].join(' ');
    const known = this.known.get(key);
    if (known) return known;
    const making = this.handouts.page(coachId, block);
    this.known.set(key, making);
    // What failed is made again, and says why to whoever asked.
    making.catch(() => this.known.delete(key));
    return making;
  }
}

/** Notes, heart rates and weather are between the coach and the diary. */
function doneOf(entry: KeptEntry): DoneEntry {
  const { date, place, kind, distance, time, effort, reps, words, answer, reason } = entry;
  return {
    ...{ date, place, kind, distance, time, effort, reps, words, answer, reason },
    revision: entry.revision,
    mine: entry.source === 'athlete',
  };
}
