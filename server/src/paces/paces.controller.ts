import { type Coaching, type PacesBody, pacesBody } from '@nadir/contract';
import { issuesOfPaces } from '@nadir/core/layout/validate';
import { Controller, Inject, Put } from '@nestjs/common';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Parsed } from '../http/body.js';
import { invalid } from '../http/refused.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { CoachId } from '../sign-in/session.guard.js';

/** The coach's named paces. Blocks keep the table they have until the coach takes the new one over. */
@Controller('api/paces')
export class PacesController {
  constructor(
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Put()
  async save(
    @CoachId() coachId: string,
    @Parsed(pacesBody) { table }: PacesBody,
  ): Promise<Coaching> {
    const problems = issuesOfPaces(table ?? []);
    if (problems.length > 0) {
      throw invalid(problems.map((found) => ({ ...found, path: ['table', ...found.path] })));
    }
    await this.coaches.savePaces(coachId, table, this.clock.now());
    return this.coaches.coachingOf(coachId);
  }
}
