import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { WatchController } from './watch.controller.js';
import { WatchService } from './watch.service.js';

@Module({
  imports: [AthletesModule, BlocksModule],
  controllers: [WatchController],
  providers: [WatchService],
})
export class WatchModule {}
