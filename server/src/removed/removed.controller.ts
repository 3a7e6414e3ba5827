import { REMOVED_DAYS, type RemovedList } from '@nadir/contract';
import { Controller, Get, Inject } from '@nestjs/common';
import { CLOCK, type Clock } from '../clock/clock.js';
import { CoachId } from '../sign-in/session.guard.js';
import { RemovedRepository } from './removed.repository.js';

const MS_PER_DAY = 86_400_000;

@Controller('api/removed')
export class RemovedController {
  constructor(
    @Inject(RemovedRepository) private readonly removed: RemovedRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Get()
  all(@CoachId() coachId: string): Promise<RemovedList> {
    const since = new Date(this.clock.now().getTime() - REMOVED_DAYS * MS_PER_DAY);
    return this.removed.since(coachId, since);
  }
}
