import { calendarQuery } from '@nadir/contract';
import { Controller, Get, HttpStatus, Inject, Req, Res } from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { notFound, Refused } from '../http/refused.js';
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
    await this.count(request, reply);
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

  private async count({ ip }: FastifyRequest, reply: FastifyReply): Promise<void> {
    try {
      await this.limit.consume(ip);
    } catch (error) {
      if (!(error instanceof RateLimiterRes)) throw error;
      void reply.header('retry-after', Math.ceil(error.msBeforeNext / 1000));
      throw new Refused(HttpStatus.TOO_MANY_REQUESTS, {
        code: 'too-many',
        message: 'Asked too often. Try again in a minute.',
      });
    }
  }
}
