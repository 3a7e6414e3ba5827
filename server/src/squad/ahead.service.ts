import {
  Inject,
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import { CLOCK, type Clock } from '../clock/clock.js';
import { SignInsRepository } from '../sign-in/sign-ins.repository.js';
import { GlancesService } from './glances.service.js';

/** A coach who types changes one thing after the other: the squad is looked at once they pause. */
const PAUSE_MS = 400;
/** How often is looked whether another day has begun. */
const DAY_CHECK_MS = 5 * 60 * 1000;

/**
 * Looks squads over before they are asked for: when the server starts, when a day
 * begins and after a change. Laying out sixty blocks takes a second that nobody
 * waits for then, block by block between requests.
 */
@Injectable()
export class AheadService implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger(AheadService.name);
  private readonly waiting = new Map<string, NodeJS.Timeout>();
  private everyDay: NodeJS.Timeout | undefined;
  private looked: string | undefined;
  /** One squad after the other, so that requests find the server free between blocks. */
  private running: Promise<void> = Promise.resolve();
  private isOver = false;

  constructor(
    @Inject(GlancesService) private readonly glances: GlancesService,
    @Inject(SignInsRepository) private readonly signIns: SignInsRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  onApplicationBootstrap(): void {
    this.lookAtAll();
    this.everyDay = setInterval(() => {
      if (this.looked !== this.clock.today()) this.lookAtAll();
    }, DAY_CHECK_MS).unref();
  }

  /** The squad of a coach, as soon as they pause. */
  soon(coachId: string): void {
    clearTimeout(this.waiting.get(coachId));
    const timer = setTimeout(() => {
      this.waiting.delete(coachId);
      this.next(() => this.glances.all(coachId));
    }, PAUSE_MS);
    this.waiting.set(coachId, timer.unref());
  }

  async onModuleDestroy(): Promise<void> {
    this.isOver = true;
    clearInterval(this.everyDay);
    for (const timer of this.waiting.values()) clearTimeout(timer);
    await this.settled();
  }

  /** Once what was begun is done. */
  async settled(): Promise<void> {
    await this.running;
  }

  /** Of every coach who is signed in somewhere. */
  private lookAtAll(): void {
    this.looked = this.clock.today();
    this.next(async () => {
      for (const coachId of await this.signIns.signedIn(this.clock.now())) {
        if (!this.isOver) await this.glances.all(coachId);
      }
    });
  }

  private next(look: () => Promise<unknown>): void {
    this.running = this.running.then(async () => {
      if (this.isOver) return;
      try {
        await look();
      } catch (error) {
        // Asked for, it is looked at again, and says what is wrong to whom it concerns.
        this.logger.warn(error);
      }
    });
  }
}
