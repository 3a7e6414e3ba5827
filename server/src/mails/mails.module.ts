import { Module } from '@nestjs/common';
import { AthletesModule } from '../athletes/athletes.module.js';
import { BlocksModule } from '../blocks/blocks.module.js';
import { HandoutsModule } from '../handouts/handouts.module.js';
import { SignInModule } from '../sign-in/sign-in.module.js';
import { MailJobs } from './mail-jobs.js';
import { MailsController } from './mails.controller.js';
import { MailsRepository } from './mails.repository.js';
import { MailsService } from './mails.service.js';
import { Outbox } from './outbox.js';

@Module({
  imports: [AthletesModule, BlocksModule, HandoutsModule, SignInModule],
  controllers: [MailsController],
  providers: [MailJobs, MailsRepository, MailsService, Outbox],
})
export class MailsModule {}
