import {
  Inject,
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import PgBoss from 'pg-boss';
import { z } from 'zod';
import { inRounds } from '../clock/in-rounds.js';
import { CONFIG, type Config } from '../config/config.js';
import type { MailKey } from './mails.repository.js';
import { MailsService } from './mails.service.js';
import { Outbox } from './outbox.js';

const SEND = 'send-mail';
/** Tries after the first, and seconds to the next of them, each wait twice as long. */
const RETRIES = { retryLimit: 5, retryDelay: 10, retryBackoff: true };
/** Milliseconds between looks for what waits in the queue, and for what is due. */
const SEND_EVERY_MS = 2000;
const LOOK_EVERY_MS = 600_000;

const job = z.strictObject({ coach_id: z.uuid(), mail_id: z.uuid() });

/**
 * The queue of mails, in the database: what was noted is sent though the server is stopped
 * in between, again where it failed, and never twice, as each mail is one file.
 */
@Injectable()
export class MailJobs implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger(MailJobs.name);
  private boss: PgBoss | undefined;
  /** Ends each of its rounds. */
  private ends: readonly (() => Promise<void>)[] = [];
  private isOver = false;

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    @Inject(MailsService) private readonly mails: MailsService,
    @Inject(Outbox) private readonly outbox: Outbox,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    if (!this.outbox.isThere) return;
    const boss = new PgBoss({
      connectionString: this.config.databaseUrl,
      max: 3,
      schedule: false,
    });
    // A database that is away for a moment is no end: it is asked again.
    const warn = (error: unknown) => this.logger.warn({ err: error });
    boss.on('error', warn);
    await boss.start();
    await boss.createQueue(SEND);
    this.boss = boss;
    for (const key of await this.mails.left()) await this.soon(key);
    // The queue's own workers do not wait for what they note of a job: where the database
    // ends just then, so would the server.
    this.ends = [
      inRounds(SEND_EVERY_MS, () => this.sendWaiting(boss), warn),
      inRounds(LOOK_EVERY_MS, () => this.look(), warn),
    ];
  }

  /** Sends a mail as soon as its turn comes. */
  async soon(key: MailKey): Promise<void> {
    await this.boss?.send(SEND, { coach_id: key.coach_id, mail_id: key.mail_id }, RETRIES);
  }

  async onModuleDestroy(): Promise<void> {
    // What waits in the queue is sent when the server is there again.
    this.isOver = true;
    await Promise.all(this.ends.map((end) => end()));
    await this.boss?.stop({ graceful: true, wait: true, timeout: 5000 });
  }

  private async look(): Promise<void> {
    for (const key of await this.mails.noteDue()) await this.soon(key);
  }

  private async sendWaiting(boss: PgBoss): Promise<void> {
    while (!this.isOver) {
      const [next] = await boss.fetch<object>(SEND, { includeMetadata: true });
      if (!next) return;
      await this.sendOne(boss, next);
    }
  }

  private async sendOne(boss: PgBoss, next: PgBoss.JobWithMetadata): Promise<void> {
    const key = job.parse(next.data);
    try {
      await this.mails.send(key);
    } catch (error) {
      this.logger.warn({ err: error }, 'a mail could not be sent');
      if (next.retryCount >= next.retryLimit) await this.mails.giveUp(key);
      return boss.fail(SEND, next.id);
    }
    await boss.complete(SEND, next.id);
  }
}
