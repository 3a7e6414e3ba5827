import { Module } from '@nestjs/common';
import { AttemptsStorage } from './attempts.storage.js';

@Module({ providers: [AttemptsStorage], exports: [AttemptsStorage] })
export class AttemptsModule {}
