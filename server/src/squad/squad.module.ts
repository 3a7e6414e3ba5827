import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { SquadController } from './squad.controller.js';

@Module({ imports: [AthletesModule, BlocksModule], controllers: [SquadController] })
export class SquadModule {}
