import { type LinkBody, linkBody, type LinkState } from '@nadir/contract';
import { Controller, Get, Inject, Put, Req } from '@nestjs/common';
import type { FastifyRequest } from 'fastify';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { Parsed } from '../http/body.js';
import { Id } from '../http/id.js';
import { CoachId } from '../sign-in/session.guard.js';
import { AthleteLinksService } from './athlete-links.service.js';

/** The link to an athlete’s page, as the coach sees to it. */
@Controller('api/athletes/:id/link')
export class AthleteLinksController {
  constructor(
    @Inject(AthleteLinksService) private readonly links: AthleteLinksService,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
  ) {}

  @Get()
  async state(@CoachId() coachId: string, @Id('athlete') id: string): Promise<LinkState> {
    return this.links.state(await this.athletes.keyOf(coachId, id));
  }

  @Put()
  async change(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(linkBody) body: LinkBody,
    @Req() { protocol, host }: FastifyRequest,
  ): Promise<LinkState> {
    return this.links.change(await this.athletes.keyOf(coachId, id), body, `${protocol}://${host}`);
  }
}
