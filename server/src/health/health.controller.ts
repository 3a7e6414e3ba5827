import { Controller, Get, Inject, Res } from '@nestjs/common';
import type { FastifyReply } from 'fastify';
import type { Knex } from 'knex';
import { KNEX } from '../database/knex.js';
import { OpenToAll } from '../sign-in/session.guard.js';

@Controller('health')
@OpenToAll()
export class HealthController {
  constructor(@Inject(KNEX) private readonly knex: Knex) {}

  /** 200 when the database answers a query, 503 when it does not. */
  @Get()
  async health(@Res({ passthrough: true }) reply: FastifyReply) {
    const answers = await this.knex.raw('SELECT 1').then(
      () => true,
      () => false,
    );
    if (!answers) void reply.status(503);
    return answers ? { status: 'ok', database: 'ok' } : { status: 'down', database: 'down' };
  }
}
