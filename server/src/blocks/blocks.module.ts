import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { BlocksController } from './blocks.controller.js';
import { BlocksRepository } from './blocks.repository.js';
import { BlocksService } from './blocks.service.js';

@Module({
  imports: [AthletesModule, SignInModule],
  controllers: [BlocksController],
  providers: [BlocksRepository, BlocksService],
  exports: [BlocksRepository],
})
export class BlocksModule {}
