import type { MorningNote } from '@nadir/core/record';
import type { SentAnswer, SentBody, SentDone } from '@nadir/contract';
import { addDays, type CivilDate, differenceInDays } from '@nadir/core/base';
import { validateEntry } from '@nadir/core/record';
import type { Issue } from '@nadir/core/spec';
import { HttpStatus, Inject, Injectable } from '@nestjs/common';
import type { Knex } from 'knex';
import { MoveRequestsRepository } from '../athlete-links/move-requests.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { KNEX } from '../database/knex.js';
import { invalid, Refused } from '../http/refused.js';
import type { AthleteKey } from '../athletes/athletes.repository.js';
import { RecordRepository, Stale } from '../record/record.repository.js';
import { noteDone } from './note-done.js';
import { SentRepository } from './sent.repository.js';

/** Days back that an athlete writes: what is older is the coach’s to change. */
const DAYS_BACK = 21;
/** Days apart that one day is moved at most, and requests that wait at once. */
const MOST_APART = 14;
const MOST_OPEN = 10;

type Sent<K extends SentBody['kind']> = Extract<SentBody, { kind: K }>;

/** Takes what athletes send: each message wholly or not at all, and once however often it comes. */
@Injectable()
export class SentService {
  constructor(
    @Inject(KNEX) private readonly knex: Knex,
    @Inject(SentRepository) private readonly sent: SentRepository,
    @Inject(RecordRepository) private readonly record: RecordRepository,
    @Inject(MoveRequestsRepository) private readonly requests: MoveRequestsRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async take(of: AthleteKey, id: string, body: SentBody): Promise<SentAnswer> {
    const key = { coach_id: of.coach_id, athlete_id: of.athlete_id };
    try {
      return await this.knex.transaction(async (trx) => {
        const at = this.clock.now();
        const before = await this.sent.begin(trx, key, { id, body, at });
        if (before === 'other') throw conflict('This note was already sent with other content.');
        if (before) return before;
        const answer = { said: await this.done(trx, key, id, body) };
        await this.sent.close(trx, key, id, answer);
        return answer;
      });
    } catch (error) {
      if (!(error instanceof Stale)) throw error;
      throw conflict('This day has changed since. Check it, then note it again.');
    }
  }

  private done(trx: Knex.Transaction, key: AthleteKey, id: string, body: SentBody) {
    switch (body.kind) {
      case 'done':
        return this.note(trx, key, body);
      case 'take-back':
        return this.takeBack(trx, key, body);
      case 'move':
        return this.ask(trx, key, id, body);
    }
  }

  private async note(trx: Knex.Transaction, key: AthleteKey, body: SentDone): Promise<string> {
    const { date, entries, sore } = body;
    // An athlete may stand where it is tomorrow already.
    const latest = addDays(this.clock.today(), 1);
    refuse([
      ...this.tooOld(date),
      ...entries.flatMap((entry, index) =>
        validateEntry({ date, ...entry }, latest).map((issue) => ({
          ...issue,
          path: issue.path[0] === 'date' ? ['date'] : ['entries', index, ...issue.path],
        })),
      ),
    ]);
    const { entries: standing, mornings } = await this.record.between(
      key,
      { from: date, to: date },
      trx,
    );
    const { keep, said } = noteDone(body, standing);
    const [morning] = mornings;
    const change = { keep, remove: [], mornings: sore ? [soreOn(date, sore, morning)] : [] };
    await this.record.changeIn(trx, key, { ...change, reviews: [] }, this.clock.now());
    return said;
  }

  private async takeBack(
    trx: Knex.Transaction,
    key: AthleteKey,
    { date, entries }: Sent<'take-back'>,
  ): Promise<string> {
    refuse(this.tooOld(date));
    const { entries: standing } = await this.record.between(key, { from: date, to: date }, trx);
    const isOthers = entries.some(
      ({ place }) => standing.find((each) => each.place === place)?.source !== 'athlete',
    );
    if (isOthers) throw conflict('Your coach recorded this run: ask your coach to remove it.');
    const remove = entries.map((entry) => ({ date, ...entry }));
    const change = { keep: [], remove, mornings: [], reviews: [] };
    await this.record.changeIn(trx, key, change, this.clock.now());
    return '';
  }

  private async ask(
    trx: Knex.Transaction,
    key: AthleteKey,
    id: string,
    { from, to, words }: Sent<'move'>,
  ): Promise<string> {
    const yesterday = addDays(this.clock.today(), -1);
    const issues: Issue[] = [];
    const add = (path: string, message: string) =>
      issues.push({ code: 'move-request', path: [path], message });
    if (from < yesterday) add('from', 'is over.');
    if (to < yesterday) add('to', 'is over.');
    if (from === to) add('to', 'is the same day.');
    if (Math.abs(differenceInDays(from, to)) > MOST_APART) {
      add('to', `is more than ${MOST_APART} days away: talk to your coach.`);
    }
    refuse(issues);
    if ((await this.requests.open(trx, key)) >= MOST_OPEN) {
      throw conflict('Your coach has not answered your earlier requests yet.');
    }
    await this.requests.add(trx, key, { id, from, to, words, at: this.clock.now() });
    return '';
  }

  private tooOld(date: CivilDate): Issue[] {
    if (date >= addDays(this.clock.today(), -DAYS_BACK)) return [];
    const message = 'is more than three weeks ago: your coach can still record it.';
    return [{ code: 'too-old', path: ['date'], message }];
  }
}

function soreOn(
  date: CivilDate,
  sore: NonNullable<SentDone['sore']>,
  standing: (MorningNote & { revision: number }) | undefined,
) {
  const { revision = null, ...morning } = standing ?? { date };
  return { revision, morning: { ...morning, sore } };
}

function refuse(issues: Issue[]): void {
  if (issues.length > 0) throw invalid(issues);
}

function conflict(message: string): Refused {
  return new Refused(HttpStatus.CONFLICT, { code: 'not-taken', message });
}
