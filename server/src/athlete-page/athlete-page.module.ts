import { Module } from '@nestjs/common';
import { AthleteLinksModule } from '../athlete-links/athlete-links.module.js';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { HandoutsModule } from '../handouts/handouts.module.js';
import { RecordModule } from '../record/record.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { AthletePageController } from './athlete-page.controller.js';
import { AthletePageService } from './athlete-page.service.js';
import { LinkGuard } from './link.guard.js';
import { SentRepository } from './sent.repository.js';
import { SentService } from './sent.service.js';

@Module({
  imports: [
    AthleteLinksModule,
    AthletesModule,
    BlocksModule,
    HandoutsModule,
    RecordModule,
    SignInModule,
  ],
  controllers: [AthletePageController],
  providers: [AthletePageService, LinkGuard, SentRepository, SentService],
})
export class AthletePageModule {}
