import { type Spreadsheet, type SpreadsheetBody, spreadsheetBody } from '@nadir/contract';
import { Controller, HttpCode, HttpStatus, Post } from '@nestjs/common';
import { Parsed } from '../http/body.js';
import { Refused } from '../http/refused.js';
import { CoachId } from '../sign-in/session.guard.js';
import { Unreadable, readSpreadsheet } from './read-spreadsheet.js';

/** Reads a spreadsheet for the page, and keeps nothing of it. */
@Controller('api/spreadsheets')
export class SpreadsheetsController {
  @Post('read')
  @HttpCode(200)
  async read(
    @CoachId() _coachId: string,
    @Parsed(spreadsheetBody) { base64, sheet }: SpreadsheetBody,
  ): Promise<Spreadsheet> {
    try {
      return await readSpreadsheet(Buffer.from(base64, 'base64'), sheet);
    } catch (error) {
      if (!(error instanceof Unreadable)) throw error;
      throw new Refused(HttpStatus.BAD_REQUEST, { code: 'invalid', message: error.message });
    }
  }
}
