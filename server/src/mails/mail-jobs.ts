import {
  Inject,
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import PgBoss from 'pg-boss';
import { z } from 'zod';
import { CONFIG, type Config } from '../config/config.js';
import type { MailKey } from './mails.repository.js';
import { MailsService } from './mails.service.js';
import { Outbox } from './outbox.js';

const SEND = 'send-mail';
const LOOK = 'look-for-mail';
const EVERY_TEN_MINUTES = '*/10 * * * *';
/** Tries after the first, and seconds to the next of them, each wait twice as long. */
const RETRIES = { retryLimit: 5, retryDelay: 10, retryBackoff: true };
const POLL = { pollingIntervalSeconds: 2 };

const job = z.strictObject({ coach_id: z.uuid(), mail_id: z.uuid() });

/**
 * The queue of mails, in the database: what was noted is sent though the server is stopped
 * in between, again where it failed, and never twice, as each mail is one file.
 */
@Injectable()
export class MailJobs implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger(MailJobs.name);
  private boss: PgBoss | undefined;

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    @Inject(MailsService) private readonly mails: MailsService,
    @Inject(Outbox) private readonly outbox: Outbox,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    if (!this.outbox.isThere) return;
    const boss = new PgBoss({ connectionString: this.config.databaseUrl, max: 3 });
    // A database that is away for a moment is no end: it is asked again.
    boss.on('error', (error) => this.logger.warn({ err: error }));
    await boss.start();
    this.boss = boss;
    for (const queue of [SEND, LOOK]) await boss.createQueue(queue);
    await boss.work<object>(SEND, { ...POLL, includeMetadata: true }, async (jobs) => {
      for (const each of jobs) await this.sendOne(each);
    });
    await boss.work(LOOK, POLL, () => this.look());
    await boss.schedule(LOOK, EVERY_TEN_MINUTES);
    for (const key of await this.mails.left()) await this.soon(key);
    await boss.send(LOOK, {});
  }

  /** Sends a mail as soon as its turn comes. */
  async soon(key: MailKey): Promise<void> {
    await this.boss?.send(SEND, { coach_id: key.coach_id, mail_id: key.mail_id }, RETRIES);
  }

  async onModuleDestroy(): Promise<void> {
    await this.boss?.stop({ graceful: true, wait: true, timeout: 5000 });
  }

  private async look(): Promise<void> {
    for (const key of await this.mails.noteDue()) await this.soon(key);
  }

  private async sendOne({ data, retryCount, retryLimit }: PgBoss.JobWithMetadata): Promise<void> {
    const key = job.parse(data);
    try {
      await this.mails.send(key);
    } catch (error) {
      if (retryCount >= retryLimit) await this.mails.giveUp(key);
      throw error;
    }
  }
}
