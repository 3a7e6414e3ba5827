import {
  type AthleteRecord,
  type KeepEntryBody,
  type KeptEntry,
  type RecordQuery,
  type RemoveEntryBody,
  keepEntryBody,
  recordQuery,
  removeEntryBody,
} from '@nadir/contract';
import { validateEntry } from '@nadir/core/record';
import { Controller, Get, HttpCode, Inject, Post, Put } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Parsed, ParsedQuery } from '../http/body.js';
import { Id } from '../http/id.js';
import { invalid, notFound, staleEntry } from '../http/refused.js';
import { CoachId } from '../sign-in/session.guard.js';
import { RecordRepository } from './record.repository.js';

@Controller('api/athletes/:id/record')
export class RecordController {
  constructor(
    @Inject(RecordRepository) private readonly record: RecordRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  @Get()
  async between(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @ParsedQuery(recordQuery) query: RecordQuery,
  ): Promise<AthleteRecord> {
    const key = await this.mine(coachId, id);
    return { entries: await this.record.between(key, query) };
  }

  @Put()
  async keep(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(keepEntryBody) { revision, entry }: KeepEntryBody,
  ): Promise<KeptEntry> {
    const key = await this.mine(coachId, id);
    const issues = validateEntry(entry, this.clock.today());
    if (issues.length > 0) {
      throw invalid(issues.map((issue) => ({ ...issue, path: ['entry', ...issue.path] })));
    }
    const kept = await this.record.keep(key, { revision, entry, at: this.clock.now() });
    if (!kept) throw staleEntry();
    return kept;
  }

  @Post('remove')
  @HttpCode(200)
  async remove(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(removeEntryBody) body: RemoveEntryBody,
  ): Promise<KeptEntry> {
    const key = await this.mine(coachId, id);
    const removed = await this.record.remove(key, body, this.clock.now());
    if (!removed) throw staleEntry();
    return removed;
  }

  private async mine(coachId: string, athleteId: string) {
    if (!(await this.athletes.find(coachId, athleteId))) throw notFound('athlete');
    return { coach_id: coachId, athlete_id: athleteId };
  }
}
