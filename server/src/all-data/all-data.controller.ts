import {
  type ArchiveBody,
  archiveBody,
  type ArchiveTaken,
  type HandoutFile,
} from '@nadir/contract';
import { Controller, Get, HttpCode, Inject, Post } from '@nestjs/common';
import { Parsed } from '../http/body.js';
import { LongWork } from '../http/deadline.interceptor.js';
import { CoachId, CoachName } from '../sign-in/session.guard.js';
import { AllDataService } from './all-data.service.js';

/** Everything a coach keeps, out and back in. */
@Controller('api/all-data')
@LongWork()
export class AllDataController {
  constructor(@Inject(AllDataService) private readonly all: AllDataService) {}

  @Get()
  archive(@CoachId() coachId: string): Promise<HandoutFile> {
    return this.all.archive(coachId);
  }

  @Post()
  @HttpCode(200)
  takeIn(
    @CoachId() coachId: string,
    @CoachName() by: string,
    @Parsed(archiveBody) { base64 }: ArchiveBody,
  ): Promise<ArchiveTaken> {
    return this.all.takeIn(coachId, by, Buffer.from(base64, 'base64'));
  }
}
