import {
  type AthleteAnswer,
  type AthletePreview,
  type AthletePreviewBody,
  type AthleteStateBody,
  type SaveAthleteBody,
  athletePreviewBody,
  athleteStateBody,
  saveAthleteBody,
} from '@nadir/contract';
import { Controller, HttpCode, Inject, Post, Put } from '@nestjs/common';
import { refuseUnsound } from '../athletes/refuse-unsound.js';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { RecordChanges } from '../blocks/record-changes.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Parsed } from '../http/body.js';
import { Id } from '../http/id.js';
import { notFound, staleRecord } from '../http/refused.js';
import { CoachId, CoachName } from '../sign-in/session.guard.js';

/** An athlete's record: changed for every block that reads it, archived, removed and put back. */
@Controller('api/athletes/:id')
export class AthleteRecordsController {
  constructor(
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(RecordChanges) private readonly records: RecordChanges,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Put()
  async save(
    @CoachId() coachId: string,
    @CoachName() by: string,
    @Id('athlete') id: string,
    @Parsed(saveAthleteBody) { revision, facts, apart }: SaveAthleteBody,
  ): Promise<AthleteAnswer> {
    refuseUnsound(facts, this.clock.today());
    await this.blocks.inTransaction(async (trx) => {
      const standing = await this.athletes.hold(trx, coachId, id);
      if (!standing) throw notFound('athlete');
      if (standing.revision !== revision) throw staleRecord();
      await this.records.apply(trx, {
        coachId,
        athleteId: id,
        change: () => facts,
        apart,
        by,
        today: this.clock.today(),
        at: this.clock.now(),
      });
    });
    return this.find(coachId, id);
  }

  @Post('preview')
  @HttpCode(200)
  async preview(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(athletePreviewBody) { facts }: AthletePreviewBody,
  ): Promise<AthletePreview> {
    refuseUnsound(facts, this.clock.today());
    const standing = await this.find(coachId, id);
    return this.records.preview(coachId, standing, facts, this.clock.today());
  }

  @Put('state')
  async setState(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(athleteStateBody) { state }: AthleteStateBody,
  ): Promise<AthleteAnswer> {
    const isMine = await this.athletes.setState(coachId, id, state, this.clock.now());
    if (!isMine) throw notFound('athlete');
    return this.find(coachId, id);
  }

  private async find(coachId: string, id: string): Promise<AthleteAnswer> {
    const athlete = await this.athletes.find(coachId, id);
    if (!athlete) throw notFound('athlete');
    return athlete;
  }
}
