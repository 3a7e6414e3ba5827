import {
  type WatchBody,
  type WatchState,
  type WatchTracks,
  type WatchTracksQuery,
  watchBody,
  watchTracksQuery,
} from '@nadir/contract';
import { Controller, Get, Inject, Put } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { Parsed, ParsedQuery } from '../http/body.js';
import { Id } from '../http/id.js';
import { notConnected } from '../http/refused.js';
import { CoachId } from '../sign-in/session.guard.js';
import { WatchService } from './watch.service.js';

/** The watch of an athlete: a simulated stand-in, connected and asked as a device would be. */
@Controller('api/athletes/:id/watch')
export class WatchController {
  constructor(
    @Inject(WatchService) private readonly watch: WatchService,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
  ) {}

  @Get()
  async state(@CoachId() coachId: string, @Id('athlete') id: string): Promise<WatchState> {
    return this.watch.state(await this.athletes.keyOf(coachId, id));
  }

  @Put()
  async connect(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(watchBody) { connected }: WatchBody,
  ): Promise<WatchState> {
    return this.watch.connect(await this.athletes.keyOf(coachId, id), connected);
  }

  @Get('tracks')
  async tracks(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @ParsedQuery(watchTracksQuery) query: WatchTracksQuery,
  ): Promise<WatchTracks> {
    const key = await this.athletes.keyOf(coachId, id);
    if (!(await this.watch.state(key)).connected) throw notConnected();
    return this.watch.tracks(key, query);
  }
}
