import { type CalendarBody, calendarBody, type CalendarState } from '@nadir/contract';
import { Controller, Get, Inject, Put, Req } from '@nestjs/common';
import type { FastifyRequest } from 'fastify';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { Parsed } from '../http/body.js';
import { Id } from '../http/id.js';
import { CoachId } from '../sign-in/session.guard.js';
import { CalendarsService } from './calendars.service.js';

/** The calendar of an athlete, as the coach sees to it. */
@Controller('api/athletes/:id/calendar')
export class CalendarsController {
  constructor(
    @Inject(CalendarsService) private readonly calendars: CalendarsService,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
  ) {}

  @Get()
  async state(@CoachId() coachId: string, @Id('athlete') id: string): Promise<CalendarState> {
    return this.calendars.state(await this.athletes.keyOf(coachId, id));
  }

  @Put()
  async change(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(calendarBody) body: CalendarBody,
    @Req() { protocol, host }: FastifyRequest,
  ): Promise<CalendarState> {
    const key = await this.athletes.keyOf(coachId, id);
    return this.calendars.change(key, body, `${protocol}://${host}`);
  }
}
