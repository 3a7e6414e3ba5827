import { Module } from '@nestjs/common';
import { SpreadsheetsController } from './spreadsheets.controller.js';

@Module({ controllers: [SpreadsheetsController] })
export class SpreadsheetsModule {}
