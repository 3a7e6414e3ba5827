import { createHash } from 'node:crypto';
import { type CalendarBody, type CalendarState, handoutBody } from '@nadir/contract';
import { Inject, Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { type AthleteKey, AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { HandoutsService } from '../handouts/handouts.service.js';
import { CalendarsRepository } from './calendars.repository.js';

/** A calendar as it is sent, and the mark by which a device knows that it has it. */
export interface SentCalendar {
  bytes: Uint8Array;
  etag: string;
}

const MOST_KEPT = 300;
const EMPTY = Buffer.from(
  'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Nadir//Training block//EN\r\nEND:VCALENDAR\r\n',
);

/** Calendars of athletes: made anew when the block or the day is another, and else sent as they are. */
@Injectable()
export class CalendarsService {
  private readonly known = new LRUCache<string, SentCalendar>({ max: MOST_KEPT });

  constructor(
    @Inject(CalendarsRepository) private readonly calendars: CalendarsRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(HandoutsService) private readonly handouts: HandoutsService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async state(key: AthleteKey): Promise<CalendarState> {
    const row = await this.calendars.find(key);
    return {
      since: row?.made_at.toISOString() ?? null,
      startsAt: row?.starts_at ?? null,
      address: null,
    };
  }

  /** @param host where the address leads: the name the coach asked at */
  async change(key: AthleteKey, body: CalendarBody, host: string): Promise<CalendarState> {
    const before = await this.calendars.find(key);
    const startsAt = body.startsAt === undefined ? (before?.starts_at ?? null) : body.startsAt;
    if (body.address === 'end') await this.calendars.end(key);
    else if (body.address === 'keep') await this.calendars.setStart(key, startsAt);
    else {
      const secret = await this.calendars.renew(key, startsAt, this.clock.now());
      return { ...(await this.state(key)), address: `${host}/calendar.ics?key=${secret}` };
    }
    return this.state(key);
  }

  /** The calendar of an address; undefined where it leads nowhere. */
  async at(key: string): Promise<SentCalendar | undefined> {
    const row = await this.calendars.byKey(key);
    if (!row) return undefined;
    const { coach_id: coachId, athlete_id: athleteId, starts_at: startsAt } = row;
    const athlete = await this.athletes.find(coachId, athleteId);
    if (athlete?.state === 'removed') return undefined;
    const block = await this.blocks.presentOf(row, this.clock.today());
    if (!block) return sent(EMPTY);
    const at = [block.id, block.revision, this.clock.today(), startsAt].join(' ');
    const known = this.known.get(at);
    if (known) return known;
    const body = handoutBody.parse({ form: 'calendar' });
    const { bytes } = await this.handouts.ofBlock(coachId, block, body, startsAt);
    const calendar = sent(bytes);
    this.known.set(at, calendar);
    return calendar;
  }
}

function sent(bytes: Uint8Array): SentCalendar {
  return {
    bytes,
    etag: `"${createHash('sha256').update(bytes).digest('base64url').slice(0, 27)}"`,
  };
}
