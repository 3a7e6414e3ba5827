import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { RecordModule } from '../record/record.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { TemplatesModule } from '../templates/templates.module.js';
import { AllDataController } from './all-data.controller.js';
import { AllDataService } from './all-data.service.js';

@Module({
  imports: [AthletesModule, BlocksModule, RecordModule, SignInModule, TemplatesModule],
  controllers: [AllDataController],
  providers: [AllDataService],
})
export class AllDataModule {}
