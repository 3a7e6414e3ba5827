import { Module } from '@nestjs/common';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { LibraryController } from './library.controller.js';

@Module({ imports: [SignInModule], controllers: [LibraryController] })
export class LibraryModule {}
