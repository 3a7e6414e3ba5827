import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { RecordModule } from '../record/record.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { DemoSeeder } from './demo.seeder.js';

@Module({
  imports: [SignInModule, AthletesModule, BlocksModule, RecordModule],
  providers: [DemoSeeder],
})
export class DemoModule {}
