import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { BlocksController } from './blocks.controller.js';
import { BlocksRepository } from './blocks.repository.js';
import { BlocksService } from './blocks.service.js';
import { RecordChanges } from './record-changes.js';

@Module({
  imports: [AthletesModule, SignInModule],
  controllers: [BlocksController],
  providers: [BlocksRepository, BlocksService, RecordChanges],
  exports: [BlocksRepository, RecordChanges],
})
export class BlocksModule {}
