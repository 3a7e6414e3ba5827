import { calendarQuery } from '@nadir/contract';
import { Controller, Get, HttpStatus, Inject, Req, Res } from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { notFound } from '../http/refused.js';
import { countRequest } from '../http/too-often.js';
import { OpenToAll } from '../sign-in/session.guard.js';
import { CalendarsService } from './calendars.service.js';

/** Devices ask a few times an hour; whoever asks oftener is broken, or guessing. */
const A_MINUTE = { points: 60, duration: 60 };

/** What a device with the address gets: the calendar, and nothing else of anybody. */
@Controller('calendar.ics')
export class SubscribedController {
  private readonly limit = new RateLimiterMemory(A_MINUTE);

  constructor(@Inject(CalendarsService) private readonly calendars: CalendarsService) {}

  @Get()
  @OpenToAll()
  async one(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Buffer | undefined> {
    await countRequest(this.limit, request.ip, reply);
    const asked = calendarQuery.safeParse(request.query);
    const calendar = asked.success ? await this.calendars.at(asked.data.key) : undefined;
    if (!calendar) throw notFound('calendar');
    void reply.headers({ etag: calendar.etag, 'cache-control': 'private, no-cache' });
    if (request.headers['if-none-match'] === calendar.etag) {
      void reply.status(HttpStatus.NOT_MODIFIED);
      return undefined;
    }
    void reply.type('text/calendar; charset=utf-8');
    return Buffer.from(calendar.bytes);
  }
}
