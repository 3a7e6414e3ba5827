import { Module } from '@nestjs/common';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { CoachingController } from './coaching.controller.js';

@Module({ imports: [SignInModule], controllers: [CoachingController] })
export class CoachingModule {}
