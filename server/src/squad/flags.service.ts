import { type Flags, givenOf, historyOf } from '@nadir/contract';
import { type CheckedBlock, layOut } from '@nadir/core';
import { Inject, Injectable } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';

/** What a coach's house rules find in the blocks in hand. */
@Injectable()
export class FlagsService {
  constructor(
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /** Findings to come of every athlete's block in hand, as it would be under the house rules that stand. */
  async all(coachId: string): Promise<Flags> {
    const { houseRules } = await this.coaches.coachingOf(coachId);
    const asOf = this.clock.today();
    const athletes = await this.athletes.all(coachId);
    const here = new Set(athletes.filter(({ state }) => state === 'here').map(({ id }) => id));
    const present = await this.blocks.present(coachId, asOf);
    const flags: Flags = { blocks: [] };
    for (const block of present.filter(({ athleteId }) => here.has(athleteId))) {
      const history = historyOf(await this.blocks.daysThatStay(coachId, block, asOf));
      const { findings } = layOut({ ...givenOf(block.wishes), houseRules }, { asOf, history });
      flags.blocks.push({ id: block.id, findings: countsOf(findings) });
    }
    return flags;
  }
}

/** How many there are of each check: each week counts by itself, what is waived or over does not. */
function countsOf(findings: CheckedBlock['findings']): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const { check, each, waived, past } of findings) {
    if (waived !== undefined || past) continue;
    counts[check] = (counts[check] ?? 0) + (each?.length ?? 1);
  }
  return counts;
}
