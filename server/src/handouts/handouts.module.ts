import { Module } from '@nestjs/common';
import { AthleteLinksModule } from '../athlete-links/athlete-links.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { GroupCardController } from './group-card.controller.js';
import { HandoutsController } from './handouts.controller.js';
import { HandoutsService } from './handouts.service.js';

@Module({
  imports: [AthleteLinksModule, BlocksModule, SignInModule],
  controllers: [GroupCardController, HandoutsController],
  providers: [HandoutsService],
  exports: [HandoutsService],
})
export class HandoutsModule {}
