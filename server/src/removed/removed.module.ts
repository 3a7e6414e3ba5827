import { Module } from '@nestjs/common';
import { RemovedController } from './removed.controller.js';
import { RemovedRepository } from './removed.repository.js';

@Module({ controllers: [RemovedController], providers: [RemovedRepository] })
export class RemovedModule {}
