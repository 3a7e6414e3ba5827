import { Module } from '@nestjs/common';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { PacesController } from './paces.controller.js';

@Module({ imports: [SignInModule], controllers: [PacesController] })
export class PacesModule {}
