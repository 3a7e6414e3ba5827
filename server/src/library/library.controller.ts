import { type Coaching, type LibraryBody, libraryBody } from '@nadir/contract';
import { issuesOfFamilies } from '@nadir/core/sessions/library';
import { Controller, Inject, Put } from '@nestjs/common';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Parsed } from '../http/body.js';
import { invalid } from '../http/refused.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { CoachId } from '../sign-in/session.guard.js';

/** The coach's own sessions. Blocks keep the families they were given. */
@Controller('api/library')
export class LibraryController {
  constructor(
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Put()
  async save(
    @CoachId() coachId: string,
    @Parsed(libraryBody) { families }: LibraryBody,
  ): Promise<Coaching> {
    const problems = issuesOfFamilies(families);
    if (problems.length > 0) {
      throw invalid(problems.map((found) => ({ ...found, path: ['families', ...found.path] })));
    }
    await this.coaches.saveLibrary(coachId, families, this.clock.now());
    return this.coaches.coachingOf(coachId);
  }
}
