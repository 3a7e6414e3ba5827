import { type DynamicModule, Global, Module } from '@nestjs/common';
import { APP_FILTER, APP_INTERCEPTOR } from '@nestjs/core';
import { LoggerModule } from 'nestjs-pino';
import { AllDataModule } from './all-data/all-data.module.js';
import { AthleteLinksModule } from './athlete-links/athlete-links.module.js';
import { AthletePageModule } from './athlete-page/athlete-page.module.js';
import { AthleteRecordsModule } from './athlete-records/athlete-records.module.js';
import { AthletesModule } from './athletes/athletes.module.js';
import { BlocksModule } from './blocks/blocks.module.js';
import { CLOCK, type Clock } from './clock/clock.js';
import { CalendarsModule } from './calendars/calendars.module.js';
import { CoachingModule } from './coaching/coaching.module.js';
import { CONFIG, type Config } from './config/config.js';
import { DatabaseModule } from './database/database.module.js';
import { DemoModule } from './demo/demo.module.js';
import { HandoutsModule } from './handouts/handouts.module.js';
import { HealthModule } from './health/health.module.js';
import { HouseRulesModule } from './house-rules/house-rules.module.js';
import { DeadlineInterceptor } from './http/deadline.interceptor.js';
import { RefusalFilter } from './http/refusal.filter.js';
import { SpreadsheetsModule } from './spreadsheets/spreadsheets.module.js';
import { LibraryModule } from './library/library.module.js';
import { loggerOptions } from './logger-options.js';
import { MailsModule } from './mails/mails.module.js';
import { PacesModule } from './paces/paces.module.js';
import { RecordModule } from './record/record.module.js';
import { RemovedModule } from './removed/removed.module.js';
import { SettingsModule } from './settings/settings.module.js';
import { SignInModule } from './sign-in/sign-in.module.js';
import { SquadModule } from './squad/squad.module.js';
import { WatchModule } from './watch/watch.module.js';
import { TemplatesModule } from './templates/templates.module.js';

@Global()
@Module({})
class GivenModule {
  static of(config: Config, clock: Clock): DynamicModule {
    const providers = [
      { provide: CONFIG, useValue: config },
      { provide: CLOCK, useValue: clock },
    ];
    return { module: GivenModule, providers, exports: providers };
  }
}

@Module({})
export class AppModule {
  static of(config: Config, clock: Clock): DynamicModule {
    return {
      module: AppModule,
      imports: [
        GivenModule.of(config, clock),
        LoggerModule.forRoot({ pinoHttp: loggerOptions(config.logLevel) }),
        DatabaseModule,
        SignInModule,
        SettingsModule,
        AthletesModule,
        BlocksModule,
        AthleteRecordsModule,
        RecordModule,
        WatchModule,
        HandoutsModule,
        CalendarsModule,
        AthleteLinksModule,
        AthletePageModule,
        MailsModule,
        AllDataModule,
        HouseRulesModule,
        PacesModule,
        CoachingModule,
        LibraryModule,
        SpreadsheetsModule,
        TemplatesModule,
        RemovedModule,
        SquadModule,
        HealthModule,
        ...(config.demo ? [DemoModule] : []),
      ],
      providers: [
        { provide: APP_FILTER, useClass: RefusalFilter },
        { provide: APP_INTERCEPTOR, useClass: DeadlineInterceptor },
      ],
    };
  }
}
