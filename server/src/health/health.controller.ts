import { Controller, Get, Inject, Res } from '@nestjs/common';
import type { FastifyReply } from 'fastify';
import type { Knex } from 'knex';
import { within } from '../database/within.js';
import { KNEX } from '../database/knex.js';
import { OpenToAll } from '../sign-in/session.guard.js';

/** Whoever asks waits no longer than a second. */
const ANSWER_MS = 800;

@Controller('health')
@OpenToAll()
export class HealthController {
  /** One question at a time: a database that stands still is not asked ever more. */
  private asked: Promise<unknown> | undefined;

  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** Whether this process answers at all. */
  @Get('live')
  live() {
    return { status: 'ok' };
  }

  /** 200 when the database answers a query, 503 when it does not, either within a second. */
  @Get('ready')
  async ready(@Res({ passthrough: true }) reply: FastifyReply) {
    const answers = await within(ANSWER_MS, this.ask()).then(
      () => true,
      () => false,
    );
    if (!answers) void reply.status(503);
    return { status: answers ? 'ok' : 'down' };
  }

  private ask(): Promise<unknown> {
    this.asked ??= Promise.resolve(this.knex.raw('SELECT 1')).finally(() => {
      this.asked = undefined;
    });
    return this.asked;
  }
}
