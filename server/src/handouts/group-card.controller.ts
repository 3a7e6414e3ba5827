import { type GroupCardBody, groupCardBody, type HandoutFile } from '@nadir/contract';
import { Controller, HttpCode, Inject, Post } from '@nestjs/common';
import { Parsed } from '../http/body.js';
import { LongWork } from '../http/deadline.interceptor.js';
import { CoachId } from '../sign-in/session.guard.js';
import { HandoutsService } from './handouts.service.js';

/** What a group runs, on one page. */
@Controller('api/group-card')
@LongWork()
export class GroupCardController {
  constructor(@Inject(HandoutsService) private readonly service: HandoutsService) {}

  @Post()
  @HttpCode(200)
  make(
    @CoachId() coachId: string,
    @Parsed(groupCardBody) body: GroupCardBody,
  ): Promise<HandoutFile> {
    return this.service.groupCard(coachId, body);
  }
}
