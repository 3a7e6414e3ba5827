import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { RecordController } from './record.controller.js';
import { RecordRepository } from './record.repository.js';

@Module({
  imports: [AthletesModule],
  controllers: [RecordController],
  providers: [RecordRepository],
  exports: [RecordRepository],
})
export class RecordModule {}
