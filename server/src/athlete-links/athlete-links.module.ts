import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { AthleteLinksController } from './athlete-links.controller.js';
import { AthleteLinksRepository } from './athlete-links.repository.js';
import { AthleteLinksService } from './athlete-links.service.js';
import { LinkKeys } from './link-keys.js';
import { MoveRequestsController } from './move-requests.controller.js';
import { MoveRequestsRepository } from './move-requests.repository.js';

@Module({
  imports: [AthletesModule, BlocksModule],
  controllers: [AthleteLinksController, MoveRequestsController],
  providers: [AthleteLinksRepository, AthleteLinksService, LinkKeys, MoveRequestsRepository],
  exports: [AthleteLinksRepository, AthleteLinksService, LinkKeys, MoveRequestsRepository],
})
export class AthleteLinksModule {}
