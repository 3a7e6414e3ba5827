import { randomUUID } from 'node:crypto';
import type { ArchiveTaken, BlockAnswer, HandoutFile } from '@nadir/contract';
import { HttpStatus, Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { firstVersion } from '../blocks/first-version.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { notFound, Refused } from '../http/refused.js';
import { RecordRepository } from '../record/record.repository.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { TemplatesRepository } from '../templates/templates.repository.js';
import { packed, type PackedAthlete } from './pack.js';
import { unpacked, Unreadable } from './unpack.js';

/** Every day a diary can hold. */
const EVER = { from: '1900-01-01', to: '2999-12-31' };
/** Entries that are written in one statement. */
const AT_ONCE = 500;

/** All that a coach keeps, in one archive of open files; and back in, all of it or nothing. */
@Injectable()
export class AllDataService {
  constructor(
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(RecordRepository) private readonly record: RecordRepository,
    @Inject(TemplatesRepository) private readonly templates: TemplatesRepository,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async archive(coachId: string): Promise<HandoutFile> {
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    const coaching = await this.coaches.coachingOf(coachId);
    const templates = await this.templates.all(coachId);
    const blocks = await this.blocks.all(coachId);
    const athletes: PackedAthlete[] = [];
    for (const { id, facts, state } of await this.athletes.all(coachId)) {
      const key = { coach_id: coachId, athlete_id: id };
      const { entries, mornings, reviews } = await this.record.between(key, EVER);
      const own = blocks.filter(({ athleteId }) => athleteId === id);
      athletes.push({
        athlete: { facts, state: state === 'archived' ? 'archived' : 'here' },
        diary: {
          entries: entries.map(withoutRevision),
          mornings: mornings.map(withoutRevision),
          reviews: reviews.map(withoutRevision),
        },
        blocks: await Promise.all(own.map((block) => this.packedBlock(coachId, block))),
      });
    }
    const head = {
      format: 'nadir-archive' as const,
      version: 1 as const,
      madeAt: this.clock.now().toISOString(),
      coach: coach.name,
      settings: coach.settings,
      ...coaching,
      templates: templates.map(({ name, template }) => ({ name, template })),
    };
    return {
      name: `Nadir, all of ${coach.name.slice(0, 80)}, ${this.clock.today()}.zip`,
      type: 'application/zip',
      base64: Buffer.from(packed(head, athletes)).toString('base64'),
    };
  }

  /** Everything comes in as new; the coach’s own rules only where there is no athlete yet. */
  async takeIn(coachId: string, by: string, bytes: Uint8Array): Promise<ArchiveTaken> {
    const { head, athletes } = readable(bytes);
    return this.blocks.inTransaction(async (trx) => {
      const at = this.clock.now();
      const rules = (await this.athletes.all(coachId)).length === 0;
      if (rules) {
        await this.coaches.saveSettings(coachId, head.settings, trx);
        await this.coaches.saveHouseRules(coachId, head.houseRules, at, trx);
        await this.coaches.savePaces(coachId, head.paces, at, trx);
        await this.coaches.saveLibrary(coachId, head.library, at, trx);
      }
      for (const template of head.templates) {
        await this.templates.add(coachId, { id: randomUUID(), ...template }, at, trx);
      }
      for (const [place, each] of athletes.entries()) {
        // Athletes stand in the order they joined: a moment after one another.
        const joined = new Date(at.getTime() + place);
        await this.takeAthlete(trx, { coachId, by, at: joined }, each);
      }
      return {
        athletes: athletes.length,
        blocks: athletes.reduce((sum, { blocks }) => sum + blocks.length, 0),
        runs: athletes.reduce((sum, { diary }) => sum + diary.entries.length, 0),
        rules,
      };
    });
  }

  private async takeAthlete(
    trx: Knex.Transaction,
    { coachId, by, at }: { coachId: string; by: string; at: Date },
    { athlete, diary, blocks }: PackedAthlete,
  ): Promise<void> {
    const id = randomUUID();
    const key = { coach_id: coachId, athlete_id: id };
    await this.athletes.add(coachId, id, athlete.facts, at, trx);
    if (athlete.state === 'archived') {
      await this.athletes.setState(coachId, id, 'archived', at, trx);
    }
    const today = this.clock.today();
    for (const { wishes, history } of blocks) {
      const version = firstVersion({
        coachId,
        athleteId: id,
        wishes,
        at,
        today,
        by,
        saveId: undefined,
      });
      const handedOut = history.filter(({ day: { date } }) => date < today);
      const from = handedOut.map(({ day: { date } }) => date).sort()[0] ?? today;
      await this.blocks.write(trx, { ...version, handedOut }, from);
    }
    const none = { keep: [], remove: [], mornings: [], reviews: [] };
    for (let from = 0; from < diary.entries.length; from += AT_ONCE) {
      const keep = diary.entries
        .slice(from, from + AT_ONCE)
        .map((entry) => ({ revision: null, entry }));
      await this.record.changeIn(trx, key, { ...none, keep }, at);
    }
    const mornings = diary.mornings.map((morning) => ({ revision: null, morning }));
    const reviews = diary.reviews.map((review) => ({ revision: null, review }));
    await this.record.changeIn(trx, key, { ...none, mornings, reviews }, at);
  }

  private async packedBlock(coachId: string, block: BlockAnswer) {
    const history = await this.blocks.daysThatStay(coachId, block, this.clock.today());
    return { wishes: block.wishes, history };
  }
}

function readable(bytes: Uint8Array) {
  try {
    return unpacked(bytes);
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    throw new Refused(HttpStatus.BAD_REQUEST, {
      code: 'invalid',
      message: `${error.message} Nothing was taken.`,
    });
  }
}

function withoutRevision<T extends { revision: number }>({ revision: _, ...rest }: T) {
  return rest;
}
