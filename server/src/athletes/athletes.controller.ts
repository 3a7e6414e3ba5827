import { randomUUID } from 'node:crypto';
import { type AddAthleteBody, type AthleteAnswer, addAthleteBody } from '@nadir/contract';
import { Controller, Get, Inject, Post } from '@nestjs/common';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Parsed } from '../http/body.js';
import { Id } from '../http/id.js';
import { notFound } from '../http/refused.js';
import { CoachId } from '../sign-in/session.guard.js';
import { refuseUnsound } from './refuse-unsound.js';
import { AthletesRepository } from './athletes.repository.js';

@Controller('api/athletes')
export class AthletesController {
  constructor(
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Post()
  async add(
    @CoachId() coachId: string,
    @Parsed(addAthleteBody) { id = randomUUID(), ...facts }: AddAthleteBody,
  ): Promise<AthleteAnswer> {
    refuseUnsound(facts, this.clock.today());
    await this.athletes.add(coachId, id, facts, this.clock.now());
    return this.one(coachId, id);
  }

  @Get(':id')
  async one(@CoachId() coachId: string, @Id('athlete') id: string): Promise<AthleteAnswer> {
    const athlete = await this.athletes.find(coachId, id);
    if (!athlete) throw notFound('athlete');
    return athlete;
  }
}
