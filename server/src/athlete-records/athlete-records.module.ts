import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { AthleteRecordsController } from './athlete-records.controller.js';

@Module({
  imports: [AthletesModule, BlocksModule, SignInModule],
  controllers: [AthleteRecordsController],
})
export class AthleteRecordsModule {}
