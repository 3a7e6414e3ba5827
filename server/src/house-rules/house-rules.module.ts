import { Module } from '@nestjs/common';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { HouseRulesController } from './house-rules.controller.js';

@Module({ imports: [SignInModule], controllers: [HouseRulesController] })
export class HouseRulesModule {}
