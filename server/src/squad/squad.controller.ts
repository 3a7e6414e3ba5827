import type { BlockGlances, Flags, Glances, Squad } from '@nadir/contract';
import { Controller, Get, Inject } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { FlagsService } from './flags.service.js';
import { GlancesService } from './glances.service.js';
import { CoachId } from '../sign-in/session.guard.js';

@Controller('api/squad')
export class SquadController {
  constructor(
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(GlancesService) private readonly glances: GlancesService,
    @Inject(FlagsService) private readonly flags: FlagsService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Get('glances')
  atAGlance(@CoachId() coachId: string): Promise<Glances> {
    return this.glances.all(coachId);
  }

  @Get('blocks')
  blocksAtAGlance(@CoachId() coachId: string): Promise<BlockGlances> {
    return this.glances.ofBlocks(coachId);
  }

  @Get('flags')
  flagged(@CoachId() coachId: string): Promise<Flags> {
    return this.flags.all(coachId);
  }

  @Get()
  async all(@CoachId() coachId: string): Promise<Squad> {
    const all = await this.athletes.all(coachId);
    const athletes = all.filter(({ state }) => state === 'here');
    const present = await this.blocks.present(coachId, this.clock.today());
    const byAthlete = new Map(present.map((block) => [block.athleteId, block]));
    return {
      athletes: athletes.map((athlete) => ({
        ...athlete,
        block: byAthlete.get(athlete.id) ?? null,
      })),
    };
  }
}
