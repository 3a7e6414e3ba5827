import {
  type HandoutFile,
  type MailBody,
  mailBody,
  type MailingBody,
  mailingBody,
  type Mails,
} from '@nadir/contract';
import { Controller, Get, HttpCode, Inject, Post, Put } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { Parsed } from '../http/body.js';
import { Id } from '../http/id.js';
import { CoachId } from '../sign-in/session.guard.js';
import { MailJobs } from './mail-jobs.js';
import { MailsService } from './mails.service.js';

/** What is sent to an athlete by mail. */
@Controller('api')
export class MailsController {
  constructor(
    @Inject(MailsService) private readonly mails: MailsService,
    @Inject(MailJobs) private readonly jobs: MailJobs,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
  ) {}

  @Get('athletes/:id/mails')
  async all(@CoachId() coachId: string, @Id('athlete') id: string): Promise<Mails> {
    return this.mails.state(await this.athletes.keyOf(coachId, id));
  }

  @Put('athletes/:id/mails')
  async save(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(mailingBody) { mailing }: MailingBody,
  ): Promise<Mails> {
    return this.mails.save(await this.athletes.keyOf(coachId, id), mailing);
  }

  @Post('athletes/:id/mails')
  @HttpCode(200)
  async send(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(mailBody) body: MailBody,
  ): Promise<Mails> {
    const key = await this.athletes.keyOf(coachId, id);
    const asked = await this.mails.ask(key, body);
    if (asked) await this.jobs.soon(asked);
    return this.mails.state(key);
  }

  @Get('mails/:id')
  file(@CoachId() coachId: string, @Id('mail') id: string): Promise<HandoutFile> {
    return this.mails.file(coachId, id);
  }
}
