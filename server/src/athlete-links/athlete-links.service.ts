import { randomUUID } from 'node:crypto';
import type { LinkBody, LinkState } from '@nadir/contract';
import { addDays, type CivilDate } from '@nadir/core/base';
import { Inject, Injectable } from '@nestjs/common';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { invalid } from '../http/refused.js';
import type { AthleteKey } from '../athletes/athletes.repository.js';
import { AthleteLinksRepository, type LinkRow } from './athlete-links.repository.js';
import { LinkKeys } from './link-keys.js';
import { type QrCode, qrCodeOf } from './qr-code.js';

/** Days after the race in which an athlete still looks at the page; and where no race stands. */
const AFTER_THE_RACE = 28;
const WITHOUT_A_RACE = 180;
/** A link that nobody thinks of any more is not open for ever. */
const MOST_DAYS = 730;

const NONE: LinkState = { since: null, ends: null, seenAt: null, address: null, code: null };

/** Links to athletes' pages, as their coach sees to them. */
@Injectable()
export class AthleteLinksService {
  constructor(
    @Inject(AthleteLinksRepository) private readonly links: AthleteLinksRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(LinkKeys) private readonly keys: LinkKeys,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async state(key: AthleteKey): Promise<LinkState> {
    const row = await this.links.find(key);
    if (!row) return NONE;
    const address = this.addressOf(row);
    return {
      since: row.made_at.toISOString(),
      ends: row.ends,
      seenAt: row.seen_at?.toISOString() ?? null,
      address: address ?? null,
      code: address === undefined ? null : qrCodeOf(address),
    };
  }

  /** @param origin where the link leads: what the coach asked at */
  async change(key: AthleteKey, { link, ends }: LinkBody, origin: string): Promise<LinkState> {
    if (ends !== undefined) this.checkEnd(ends);
    if (link === 'end') await this.links.end(key);
    if (link === 'keep' && ends !== undefined) await this.links.setEnd(key, ends);
    if (link === 'new') {
      const linkId = randomUUID();
      await this.links.put({
        ...key,
        link_id: linkId,
        key_hash: this.keys.hashOf(this.keys.keyOf(linkId)),
        origin,
        ends: ends ?? (await this.usualEnd(key)),
        made_at: this.clock.now(),
        seen_at: null,
      });
    }
    return this.state(key);
  }

  /** The code for a sheet of an athlete; undefined where there is no link that is open. */
  async codeFor(coachId: string, athleteId: string): Promise<QrCode | undefined> {
    const row = await this.links.find({ coach_id: coachId, athlete_id: athleteId });
    if (!row || row.ends < this.clock.today()) return undefined;
    const address = this.addressOf(row);
    return address === undefined ? undefined : qrCodeOf(address);
  }

  private addressOf({ link_id: linkId, key_hash: hash, origin }: LinkRow): string | undefined {
    // Behind the sign of a fragment: no browser sends it on, and no log holds it.
    return this.keys.isKnown(linkId, hash) ? `${origin}/a/#${this.keys.keyOf(linkId)}` : undefined;
  }

  private checkEnd(ends: CivilDate): void {
    const today = this.clock.today();
    if (ends >= today && ends <= addDays(today, MOST_DAYS)) return;
    const message = `takes a day from today on, ${MOST_DAYS / 365} years ahead at most.`;
    throw invalid([{ code: 'link-end', path: ['ends'], message }]);
  }

  private async usualEnd(key: AthleteKey): Promise<CivilDate> {
    const today = this.clock.today();
    const block = await this.blocks.presentOf(key, today);
    const race = block?.wishes.race.date;
    return race !== undefined && race > today
      ? addDays(race, AFTER_THE_RACE)
      : addDays(today, WITHOUT_A_RACE);
  }
}
