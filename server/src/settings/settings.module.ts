import { Module } from '@nestjs/common';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { SettingsController } from './settings.controller.js';

@Module({ imports: [SignInModule], controllers: [SettingsController] })
export class SettingsModule {}
