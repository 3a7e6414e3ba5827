import { randomUUID } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import {
  type BlockAnswer,
  type Coach,
  type GroupCardBody,
  type GroupCardOrder,
  type HandoutBody,
  type HandoutFile,
  type HandoutList,
  type BlockOrder,
  type HandoutOrder,
  measureFor,
  type PageBlock,
  parseBlockFile,
} from '@nadir/contract';
import { HttpStatus, Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import type { Knex } from 'knex';
import { Piscina } from 'piscina';
import { AthleteLinksService } from '../athlete-links/athlete-links.service.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { KNEX } from '../database/knex.js';
import { tables } from '../database/tables.js';
import { notFound, Refused } from '../http/refused.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import type { Made } from './make-handout.js';

interface HandoutRow {
  coach_id: string;
  handout_id: string;
  block_id: string;
  revision: number;
  at: Date;
  to: string;
  form: HandoutBody['form'];
}

/** A thread that nobody asked for so long ends; it is quick to begin again. */
const IDLE_MS = 60_000;
/** More that wait than these are refused: whoever waits that long has gone. */
const MOST_WAITING = 20;
const MOST_LISTED = 50;
/** Forms on which is marked what changed since the last one. */
const MARKED: ReadonlySet<HandoutBody['form']> = new Set([
  'wall-sheet',
  'week-sheet',
  'month-sheet',
]);
/** Built, wherever this file runs from. */
const WORKER = fileURLToPath(new URL('../../dist/handouts/handout-worker.js', import.meta.url));

/** Makes handouts in a thread of their own, and keeps what was handed out. */
@Injectable()
export class HandoutsService implements OnModuleDestroy {
  private readonly threads = new Piscina({
    filename: WORKER,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: IDLE_MS,
    maxQueue: MOST_WAITING,
    // Flags of the process that tests are run by are not the thread’s.
    execArgv: [],
  });

  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(AthleteLinksService) private readonly links: AthleteLinksService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async all(coachId: string, blockId: string): Promise<HandoutList> {
    if (!(await this.blocks.find(coachId, blockId))) throw notFound('block');
    this.begin();
    const rows = await this.knex<HandoutRow>(tables.handouts)
      .where({ coach_id: coachId, block_id: blockId })
      .orderBy('at', 'desc')
      .limit(MOST_LISTED);
    return {
      handouts: rows.map(({ handout_id: id, revision, at, to, form }) => ({
        id,
        revision,
        at: at.toISOString(),
        to,
        form,
      })),
    };
  }

  async make(coachId: string, blockId: string, body: HandoutBody): Promise<HandoutFile> {
    const block = await this.blocks.find(coachId, blockId);
    if (!block) throw notFound('block');
    const { name, type, bytes } = await this.ofBlock(coachId, block, body);
    await this.note(coachId, block, body.form);
    return { name, type, base64: Buffer.from(bytes).toString('base64') };
  }

  /** Keeps that a version left the desk, and as what. */
  async note(coachId: string, block: BlockAnswer, form: HandoutBody['form']): Promise<void> {
    await this.knex<HandoutRow>(tables.handouts).insert({
      coach_id: coachId,
      handout_id: randomUUID(),
      block_id: block.id,
      revision: block.revision,
      at: this.clock.now(),
      to: (block.wishes.athlete?.name ?? '').slice(0, 120) || 'the athlete',
      form,
    });
  }

  /** Made and kept nowhere. */
  async ofBlock(
    coachId: string,
    block: BlockAnswer,
    body: HandoutBody,
    startsAt: string | null = null,
  ): Promise<Made> {
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    const { id: blockId, revision, savedAt } = block;
    return (await this.ask({
      ...body,
      ...(await this.orderOf(coach, block)),
      blockId,
      revision,
      savedAt,
      coach: coach.name,
      startsAt,
      code: await this.links.codeFor(coachId, block.athleteId),
      since: MARKED.has(body.form) ? await this.handedOut(coachId, block) : undefined,
    } satisfies HandoutOrder)) as Made;
  }

  /** The version that was handed out last, where another stands now. */
  private async handedOut(
    coachId: string,
    { id, revision }: BlockAnswer,
  ): Promise<HandoutOrder['since']> {
    const last = await this.knex<HandoutRow>(tables.handouts)
      .where({ coach_id: coachId, block_id: id })
      .orderBy('at', 'desc')
      .first();
    if (!last || last.revision === revision) return undefined;
    const version = await this.blocks.version(coachId, id, last.revision);
    const wishes = version && parseBlockFile(version.wishes);
    return wishes?.ok ? { revision: last.revision, wishes: wishes.value } : undefined;
  }

  /** What the athlete’s page shows of a block. */
  async page(coachId: string, block: BlockAnswer): Promise<PageBlock> {
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    return (await this.ask(await this.orderOf(coach, block), 'page')) as PageBlock;
  }

  /** A table of a group as a page of paper; kept nowhere. */
  async groupCard(coachId: string, card: GroupCardBody): Promise<HandoutFile> {
    const coach = await this.coaches.find(coachId);
    if (!coach) throw notFound('coach');
    const order = { card, coach: coach.name, today: this.clock.today() };
    const { name, type, bytes } = (await this.ask(order, 'groupCard')) as Made;
    return { name, type, base64: Buffer.from(bytes).toString('base64') };
  }

  private async orderOf({ id, settings }: Coach, block: BlockAnswer): Promise<BlockOrder> {
    const today = this.clock.today();
    const { wishes } = block;
    return {
      today,
      measure: measureFor(settings, wishes.athlete),
      wishes,
      history: await this.blocks.daysThatStay(id, block, today),
    };
  }

  async onModuleDestroy(): Promise<void> {
    await this.threads.destroy();
  }

  /** The thread takes a second to begin: it does while the page is read. What stops it is said when it is asked. */
  private begin(): void {
    this.threads.run(undefined, { name: 'begin' }).catch(() => undefined);
  }

  private async ask(
    order: BlockOrder | GroupCardOrder | HandoutOrder,
    name?: string,
  ): Promise<unknown> {
    if (this.threads.queueSize >= MOST_WAITING) {
      throw new Refused(HttpStatus.SERVICE_UNAVAILABLE, {
        code: 'busy',
        message: 'Too many handouts are being made at once. Try again in a moment.',
      });
    }
    return this.threads.run(order, name === undefined ? {} : { name });
  }
}
