import { Module } from '@nestjs/common';
import { BlocksModule } from '../blocks/blocks.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { HandoutsController } from './handouts.controller.js';
import { HandoutsService } from './handouts.service.js';

@Module({
  imports: [BlocksModule, SignInModule],
  controllers: [HandoutsController],
  providers: [HandoutsService],
  exports: [HandoutsService],
})
export class HandoutsModule {}
