import { Module } from '@nestjs/common';
import { APP_INTERCEPTOR } from '@nestjs/core';
import { AthleteLinksModule } from '../athlete-links/athlete-links.module.js';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { RecordModule } from '../record/record.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { AheadInterceptor } from './ahead.interceptor.js';
import { AheadService } from './ahead.service.js';
import { FlagsService } from './flags.service.js';
import { GlancesService } from './glances.service.js';
import { SquadController } from './squad.controller.js';

@Module({
  imports: [AthleteLinksModule, AthletesModule, BlocksModule, RecordModule, SignInModule],
  controllers: [SquadController],
  providers: [
    GlancesService,
    FlagsService,
    AheadService,
    { provide: APP_INTERCEPTOR, useClass: AheadInterceptor },
  ],
})
export class SquadModule {}
