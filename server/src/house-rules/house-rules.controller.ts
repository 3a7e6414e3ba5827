import { type Coaching, type HouseRulesBody, houseRulesBody } from '@nadir/contract';
import { issuesOfRules } from '@nadir/core/layout/validate';
import { Controller, Inject, Put } from '@nestjs/common';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Parsed } from '../http/body.js';
import { invalid } from '../http/refused.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { CoachId } from '../sign-in/session.guard.js';

/** The coach's own limits. Blocks keep the rules they were laid out under until the coach lays them out anew. */
@Controller('api/house-rules')
export class HouseRulesController {
  constructor(
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Put()
  async save(
    @CoachId() coachId: string,
    @Parsed(houseRulesBody) body: HouseRulesBody,
  ): Promise<Coaching> {
    const problems = issuesOfRules(body);
    if (problems.length > 0) throw invalid(problems);
    await this.coaches.saveHouseRules(coachId, body, this.clock.now());
    return this.coaches.coachingOf(coachId);
  }
}
