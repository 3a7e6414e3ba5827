import { Module } from '@nestjs/common';
import { AthletesController } from './athletes.controller.js';
import { AthletesRepository } from './athletes.repository.js';

@Module({
  controllers: [AthletesController],
  providers: [AthletesRepository],
  exports: [AthletesRepository],
})
export class AthletesModule {}
