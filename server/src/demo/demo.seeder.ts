import { randomUUID } from 'node:crypto';
import { givenOf } from '@nadir/contract';
import { resolveSpec } from '@nadir/core/layout';
import { Inject, Injectable, type OnApplicationBootstrap } from '@nestjs/common';
import type { Knex } from 'knex';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { firstVersion } from '../blocks/first-version.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { DEMO_COACH } from '../sign-in/demo-coach.js';
import { RecordRepository } from '../record/record.repository.js';
import { demoAthletes } from './demo-athletes.js';
import { demoDiary } from './demo-diaries.js';

const DIARY = [tables.runEntries, tables.healthNotes, tables.weekReviews];

/**
 * Fills an empty demo, laid out relative to today so that everyone is mid-block.
 * On a later day an untouched demo is laid out again; one in which anything was
 * changed is left as it is.
 */
@Injectable()
export class DemoSeeder implements OnApplicationBootstrap {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    @Inject(CLOCK) private readonly clock: Clock,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(RecordRepository) private readonly record: RecordRepository,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    const now = this.clock.now();
    await this.coaches.addFirst({ id: randomUUID(), ...DEMO_COACH }, null, now);
    const found = await this.coaches.findByEmail(DEMO_COACH.email);
    if (!found) return;
    const coachId = found.coach.id;
    if (await this.isFresh(coachId)) return;
    await this.clear(coachId);
    await this.seed(coachId, now);
  }

  /** Seeded for today, or changed since it was seeded. */
  private async isFresh(coachId: string): Promise<boolean> {
    const seed = await this.knex<{ coach_id: string; seeded_for: string }>(tables.demoSeeds)
      .where({ coach_id: coachId })
      .first();
    if (!seed) return false;
    if (seed.seeded_for === this.clock.today()) return true;
    const athletes = await this.athletes.all(coachId);
    const touched = await this.knex<{ coach_id: string; revision: number }>(tables.blockChanges)
      .where({ coach_id: coachId })
      .andWhere('revision', '>', 1)
      .first('revision');
    const blocks = await this.knex(tables.blocks).where({ coach_id: coachId }).select('block_id');
    const seeded = demoAthletes(seed.seeded_for).length;
    if (await this.diaryTouched(coachId)) return true;
    return touched !== undefined || athletes.length !== seeded || blocks.length !== seeded;
  }

  /** What was seeded was all saved at one instant. */
  private async diaryTouched(coachId: string): Promise<boolean> {
    const saved = DIARY.map((table) =>
      this.knex(table).where({ coach_id: coachId }).distinct<{ saved_at: Date }[]>('saved_at'),
    );
    const instants = (await Promise.all(saved)).flat().map(({ saved_at }) => saved_at.getTime());
    return new Set(instants).size > 1;
  }

  private async clear(coachId: string): Promise<void> {
    const newestFirst = [
      tables.watches,
      tables.runEntryChanges,
      ...DIARY,
      tables.plannedDays,
      tables.blockChanges,
      tables.blocks,
      tables.athletes,
      tables.demoSeeds,
    ];
    const history = (how: 'DISABLE' | 'ENABLE') =>
      `ALTER TABLE ${tables.blockChanges} ${how} TRIGGER block_changes_append_only`;
    // An untouched demo has no history but its own laying out: it is laid out anew.
    await this.knex.transaction(async (trx) => {
      await trx.raw(history('DISABLE'));
      for (const table of newestFirst) await trx(table).where({ coach_id: coachId }).delete();
      await trx.raw(history('ENABLE'));
    });
  }

  private async seed(coachId: string, now: Date): Promise<void> {
    const today = this.clock.today();
    for (const [place, wishes] of demoAthletes(today).entries()) {
      const athleteId = randomUUID();
      const { name = '', ...facts } = wishes.athlete ?? {};
      const joined = new Date(now.getTime() + place);
      await this.athletes.add(coachId, athleteId, { name, ...facts }, joined);
      await this.blocks.inTransaction((trx) =>
        this.blocks.write(
          trx,
          firstVersion({
            coachId,
            athleteId,
            wishes,
            at: now,
            today,
            by: DEMO_COACH.name,
            saveId: undefined,
          }),
          // An athlete mid-block has been handed the weeks before.
          resolveSpec(givenOf(wishes)).start,
        ),
      );
      const key = { coach_id: coachId, athlete_id: athleteId };
      await this.record.change(key, { remove: [], ...demoDiary(wishes, today) }, now);
    }
    await this.knex(tables.demoSeeds).insert({ coach_id: coachId, seeded_for: today });
  }
}
