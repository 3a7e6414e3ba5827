import { type HandoutBody, handoutBody, type HandoutFile, type HandoutList } from '@nadir/contract';
import { Controller, Get, HttpCode, Inject, Post } from '@nestjs/common';
import { Parsed } from '../http/body.js';
import { LongWork } from '../http/deadline.interceptor.js';
import { Id } from '../http/id.js';
import { CoachId } from '../sign-in/session.guard.js';
import { HandoutsService } from './handouts.service.js';

/** What leaves the desk of a block. */
@Controller('api/blocks/:id/handouts')
@LongWork()
export class HandoutsController {
  constructor(@Inject(HandoutsService) private readonly service: HandoutsService) {}

  @Get()
  all(@CoachId() coachId: string, @Id('block') id: string): Promise<HandoutList> {
    return this.service.all(coachId, id);
  }

  @Post()
  @HttpCode(200)
  make(
    @CoachId() coachId: string,
    @Id('block') id: string,
    @Parsed(handoutBody) body: HandoutBody,
  ): Promise<HandoutFile> {
    return this.service.make(coachId, id, body);
  }
}
