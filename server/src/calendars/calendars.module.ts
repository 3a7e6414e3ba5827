import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { HandoutsModule } from '../handouts/handouts.module.js';
import { CalendarsController } from './calendars.controller.js';
import { CalendarsRepository } from './calendars.repository.js';
import { CalendarsService } from './calendars.service.js';
import { SubscribedController } from './subscribed.controller.js';

@Module({
  imports: [AthletesModule, BlocksModule, HandoutsModule],
  controllers: [CalendarsController, SubscribedController],
  providers: [CalendarsRepository, CalendarsService],
})
export class CalendarsModule {}
