import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { RecordModule } from '../record/record.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { GlancesService } from './glances.service.js';
import { SquadController } from './squad.controller.js';

@Module({
  imports: [AthletesModule, BlocksModule, RecordModule, SignInModule],
  controllers: [SquadController],
  providers: [GlancesService],
})
export class SquadModule {}
