import type { Coaching } from '@nadir/contract';
import { Controller, Get, Inject } from '@nestjs/common';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { CoachId } from '../sign-in/session.guard.js';

/** House rules, named paces and sessions of the coach's own, as one: a page needs all of them. */
@Controller('api/coaching')
export class CoachingController {
  constructor(@Inject(CoachesRepository) private readonly coaches: CoachesRepository) {}

  @Get()
  show(@CoachId() coachId: string): Promise<Coaching> {
    return this.coaches.coachingOf(coachId);
  }
}
