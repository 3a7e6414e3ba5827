import {
  type AthleteRecord,
  type ChangeRecordBody,
  type RecordChanged,
  type RecordQuery,
  changeRecordBody,
  recordQuery,
} from '@nadir/contract';
import { validateEntry, validateNoteDate } from '@nadir/core/record';
import type { Issue } from '@nadir/core/spec';
import { Controller, Get, Inject, Put } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Parsed, ParsedQuery } from '../http/body.js';
import { Id } from '../http/id.js';
import { invalid, staleEntry } from '../http/refused.js';
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
    const key = await this.athletes.keyOf(coachId, id);
    return this.record.between(key, query);
  }

  @Put()
  async change(
    @CoachId() coachId: string,
    @Id('athlete') id: string,
    @Parsed(changeRecordBody) change: ChangeRecordBody,
  ): Promise<RecordChanged> {
    const key = await this.athletes.keyOf(coachId, id);
    const issues = issuesOf(change, this.clock.today());
    if (issues.length > 0) throw invalid(issues);
    const changed = await this.record.change(key, change, this.clock.now());
    if (!changed) throw staleEntry();
    return changed;
  }
}

/** What stands against a change, each with its place in the body. */
function issuesOf({ keep, mornings, reviews }: ChangeRecordBody, today: string): Issue[] {
  const within = (path: Issue['path'], issues: readonly Issue[]) =>
    issues.map((issue) => ({ ...issue, path: [...path, ...issue.path] }));
  return [
    ...keep.flatMap(({ entry }, index) =>
      within(['keep', index, 'entry'], validateEntry(entry, today)),
    ),
    ...mornings.flatMap(({ morning }, index) =>
      within(['mornings', index, 'morning'], validateNoteDate(morning, today)),
    ),
    ...reviews.flatMap(({ review }, index) =>
      within(['reviews', index, 'review'], validateNoteDate(review, today)),
    ),
  ];
}
