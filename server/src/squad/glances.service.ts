import { type BlockAnswer, type Glances, givenOf, historyOf, measureFor } from '@nadir/contract';
import { layOut } from '@nadir/core';
import { type Glance, glanceOf, showBlock } from '@nadir/core/present';
import { Inject, Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { notFound } from '../http/refused.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';

/** Blocks laid out lately: a few squads of sixty. */
const MOST_KEPT = 500;

@Injectable()
export class GlancesService {
  /** A version is the same at a glance all day in one measure: it is laid out once. */
  private readonly known = new LRUCache<string, Glance>({ max: MOST_KEPT });

  constructor(
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async all(coachId: string): Promise<Glances> {
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    const athletes = await this.athletes.all(coachId);
    const present = await this.blocks.present(coachId, this.clock.today());
    const byAthlete = new Map(present.map((block) => [block.athleteId, block]));
    const rows: Glances['athletes'] = [];
    for (const { id, facts } of athletes.filter(({ state }) => state === 'here')) {
      const block = byAthlete.get(id);
      const glance = block && (await this.glance(coachId, block, coach.settings));
      rows.push({
        id,
        name: facts.name,
        block: block && glance ? { id: block.id, glance } : null,
      });
    }
    const archived = athletes
      .filter(({ state }) => state === 'archived')
      .map(({ id, facts }) => ({ id, name: facts.name }));
    return { athletes: rows, archived };
  }

  private async glance(
    coachId: string,
    present: BlockAnswer,
    settings: Parameters<typeof measureFor>[0],
  ): Promise<Glance> {
    const { id, revision, wishes } = present;
    const asOf = this.clock.today();
    const shown = measureFor(settings, wishes.athlete);
    const { basis, unit, step } = shown;
    const key = [coachId, id, revision, asOf, basis, unit, step].join(' ');
    const known = this.known.get(key);
    if (known) return known;
    const history = historyOf(await this.blocks.daysThatStay(coachId, present, asOf));
    const block = layOut(givenOf(wishes), { asOf, history, shown });
    const glance = glanceOf(block, block.findings, showBlock(block, shown), asOf);
    this.known.set(key, glance);
    return glance;
  }
}
