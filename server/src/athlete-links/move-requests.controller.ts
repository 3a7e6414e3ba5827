import {
  type MoveAnswerBody,
  moveAnswerBody,
  type MoveRequest,
  type MoveRequests,
} from '@nadir/contract';
import { Controller, Get, Inject, Put } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { Parsed } from '../http/body.js';
import { Id } from '../http/id.js';
import { notFound } from '../http/refused.js';
import { CoachId } from '../sign-in/session.guard.js';
import { MoveRequestsRepository } from './move-requests.repository.js';

/** What athletes ask for, and what the coach says to it. */
@Controller('api')
export class MoveRequestsController {
  constructor(
    @Inject(MoveRequestsRepository) private readonly requests: MoveRequestsRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
  ) {}

  @Get('athletes/:id/move-requests')
  async all(@CoachId() coachId: string, @Id('athlete') id: string): Promise<MoveRequests> {
    const key = await this.athletes.keyOf(coachId, id);
    return { requests: await this.requests.all(key) };
  }

  @Put('move-requests/:id')
  async answer(
    @CoachId() coachId: string,
    @Id('request') id: string,
    @Parsed(moveAnswerBody) body: MoveAnswerBody,
  ): Promise<MoveRequest> {
    const answered = await this.requests.answer(coachId, id, body);
    if (!answered) throw notFound('request');
    return answered;
  }
}
