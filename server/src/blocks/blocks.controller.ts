import {
  type BlockHistory,
  type BlockList,
  type BlockVersion,
  type HistoryQuery,
  type NewBlockBody,
  type OpenBlock,
  type PastBody,
  type PlannedDays,
  type SaveBlockBody,
  historyQuery,
  newBlockBody,
  pastBody,
  saveBlockBody,
} from '@nadir/contract';
import { Controller, Delete, Get, Inject, Post, Put } from '@nestjs/common';
import { Parsed, ParsedQuery } from '../http/body.js';
import { Id, Revision } from '../http/id.js';
import { CoachId, CoachName } from '../sign-in/session.guard.js';
import { BlocksService } from './blocks.service.js';

@Controller('api/blocks')
export class BlocksController {
  constructor(@Inject(BlocksService) private readonly service: BlocksService) {}

  @Post()
  add(
    @CoachId() coachId: string,
    @CoachName() by: string,
    @Parsed(newBlockBody) body: NewBlockBody,
  ): Promise<OpenBlock> {
    return this.service.add(coachId, body, by);
  }

  @Get()
  all(@CoachId() coachId: string): Promise<BlockList> {
    return this.service.all(coachId);
  }

  @Delete(':id')
  remove(@CoachId() coachId: string, @Id('block') id: string): Promise<{ done: true }> {
    return this.service.remove(coachId, id);
  }

  @Post(':id/put-back')
  putBack(@CoachId() coachId: string, @Id('block') id: string): Promise<OpenBlock> {
    return this.service.putBack(coachId, id);
  }

  @Get(':id')
  one(@CoachId() coachId: string, @Id('block') id: string): Promise<OpenBlock> {
    return this.service.one(coachId, id);
  }

  @Put(':id')
  save(
    @CoachId() coachId: string,
    @CoachName() by: string,
    @Id('block') id: string,
    @Parsed(saveBlockBody) body: SaveBlockBody,
  ): Promise<OpenBlock> {
    return this.service.save(coachId, id, { ...body, by });
  }

  @Get(':id/history')
  history(
    @CoachId() coachId: string,
    @Id('block') id: string,
    @ParsedQuery(historyQuery) page: HistoryQuery,
  ): Promise<BlockHistory> {
    return this.service.history(coachId, id, page);
  }

  @Get(':id/history/:revision')
  version(
    @CoachId() coachId: string,
    @Id('block') id: string,
    @Revision() revision: number,
  ): Promise<BlockVersion> {
    return this.service.version(coachId, id, revision);
  }

  @Put(':id/past')
  changePast(
    @CoachId() coachId: string,
    @Id('block') id: string,
    @Parsed(pastBody) days: PastBody,
  ): Promise<OpenBlock> {
    return this.service.changePast(coachId, id, days);
  }

  @Get(':id/days')
  days(@CoachId() coachId: string, @Id('block') id: string): Promise<PlannedDays> {
    return this.service.days(coachId, id);
  }
}
