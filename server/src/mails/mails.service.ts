import { randomUUID } from 'node:crypto';
import {
  type BlockAnswer,
  handoutBody,
  type HandoutFile,
  type MailBody,
  type Mailing,
  type Mails,
} from '@nadir/contract';
import { addDays, type CivilDate } from '@nadir/core/base';
import { Inject, Injectable, Logger } from '@nestjs/common';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { BlocksRepository } from '../blocks/blocks.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { HandoutsService } from '../handouts/handouts.service.js';
import { invalid, notFound } from '../http/refused.js';
import type { AthleteKey } from '../athletes/athletes.repository.js';
import { CoachesRepository } from '../sign-in/coaches.repository.js';
import { dueOn } from './due-on.js';
import { type MailKey, MailsRepository, type StandingMailing } from './mails.repository.js';
import { Outbox } from './outbox.js';

const MOST_OF_A_SUBJECT = 160;

/** Sends weeks to athletes: by hand, or by itself on the day that the coach set. */
@Injectable()
export class MailsService {
  private readonly logger = new Logger(MailsService.name);

  constructor(
    @Inject(MailsRepository) private readonly mails: MailsRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(BlocksRepository) private readonly blocks: BlocksRepository,
    @Inject(CoachesRepository) private readonly coaches: CoachesRepository,
    @Inject(HandoutsService) private readonly handouts: HandoutsService,
    @Inject(Outbox) private readonly outbox: Outbox,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async state(key: AthleteKey): Promise<Mails> {
    return { mailing: await this.mails.mailing(key), mails: await this.mails.of(key) };
  }

  async save(key: AthleteKey, mailing: Mailing | null): Promise<Mails> {
    await this.mails.save(key, mailing, this.clock.today());
    return this.state(key);
  }

  /** Notes a mail that is asked for by hand; the key of it where it is new, for the job that sends it. */
  async ask(key: AthleteKey, { id, week, form }: MailBody): Promise<MailKey | undefined> {
    this.outbox.folder();
    const mailing = await this.mails.mailing(key);
    if (!mailing) {
      const message = 'has no address to send to: set one first.';
      throw invalid([{ code: 'no-address', path: ['form'], message }]);
    }
    const block = await this.presentBlock(key);
    if (!block) throw notFound('block');
    const mail = { id, week, to: mailing.address, form, at: this.clock.now() };
    const isNew = await this.mails.add(key, mail, false);
    return isNew ? { coach_id: key.coach_id, mail_id: id } : undefined;
  }

  /** Notes what is due today, of every athlete, once for each week; the keys of what is new. */
  async noteDue(): Promise<MailKey[]> {
    const due: MailKey[] = [];
    for (const standing of await this.mails.all()) {
      try {
        const key = await this.noteIfDue(standing);
        if (key) due.push(key);
      } catch (error) {
        // One athlete's block that cannot be laid out keeps nobody else's week back.
        this.logger.warn({ err: error, athlete: standing.athlete_id }, 'no mail could be noted');
      }
    }
    return due;
  }

  private async noteIfDue(standing: StandingMailing): Promise<MailKey | undefined> {
    const { mailing, since, coach_id: coachId, athlete_id: athleteId } = standing;
    const key = { coach_id: coachId, athlete_id: athleteId };
    const day = dueOn(mailing.weekday, this.clock.today(), since);
    if (day === undefined || !(await this.isHere(key))) return undefined;
    const block = await this.presentBlock(key);
    const week = block && (await this.weekHolding(coachId, block, addDays(day, 1)));
    if (week === undefined) return undefined;
    const id = randomUUID();
    const mail = { id, week, to: mailing.address, form: mailing.form, at: this.clock.now() };
    const isNew = await this.mails.add(key, mail, true);
    return isNew ? { coach_id: coachId, mail_id: id } : undefined;
  }

  /** What was noted and not sent: its job may have gone with a server that was stopped. */
  left(): Promise<MailKey[]> {
    return this.mails.waiting();
  }

  /** Sends what was noted; what is sent already is left as it is. */
  async send(key: MailKey): Promise<void> {
    const mail = await this.mails.find(key);
    if (!mail || mail.state === 'sent') return;
    const { coach_id: coachId, mail_id: id, week, form, to } = mail;
    const of = { coach_id: coachId, athlete_id: mail.athlete_id };
    const block = await this.presentBlock(of);
    const coach = await this.coaches.find(coachId);
    if (!block || !coach || !(await this.isHere(of))) return this.mails.setState(key, 'failed');
    const number = await this.numberOf(coachId, block, week);
    const body = (as: MailBody['form']) => handoutBody.parse({ form: as, week: number });
    const text = await this.handouts.ofBlock(coachId, block, body('week-text'));
    const sheet =
      form === 'week-sheet' && (await this.handouts.ofBlock(coachId, block, body('week-sheet')));
    const words = Buffer.from(text.bytes).toString('utf8');
    await this.outbox.send(id, {
      messageId: `<${id}@nadir.invalid>`,
      date: this.clock.now(),
      from: { name: coach.name, address: coach.email },
      to,
      subject: (words.split('\n')[0] ?? '').slice(0, MOST_OF_A_SUBJECT),
      text: words,
      ...(sheet && {
        attachments: [
          { filename: sheet.name, content: Buffer.from(sheet.bytes), contentType: sheet.type },
        ],
      }),
    });
    await this.mails.setState(key, 'sent');
    await this.handouts.note(coachId, block, form);
  }

  /** After the last try. */
  giveUp(key: MailKey): Promise<void> {
    return this.mails.setState(key, 'failed');
  }

  async file(coachId: string, id: string): Promise<HandoutFile> {
    const mail = await this.mails.find({ coach_id: coachId, mail_id: id });
    if (mail?.state !== 'sent') throw notFound('mail');
    const bytes = await this.outbox.read(id);
    return {
      name: `Mail of ${mail.week}.eml`,
      type: 'message/rfc822',
      base64: bytes.toString('base64'),
    };
  }

  private async isHere({ coach_id: coachId, athlete_id: id }: AthleteKey): Promise<boolean> {
    return (await this.athletes.find(coachId, id))?.state === 'here';
  }

  private presentBlock(key: AthleteKey): Promise<BlockAnswer | undefined> {
    return this.blocks.presentOf(key, this.clock.today());
  }

  /** The first day of a block’s week that holds a day; undefined where none does. */
  private async weekHolding(
    coachId: string,
    block: BlockAnswer,
    date: CivilDate,
  ): Promise<CivilDate | undefined> {
    const { weeks } = await this.handouts.page(coachId, block);
    return weeks.find(({ days }) => days.some((day) => day.date === date))?.start;
  }

  private async numberOf(
    coachId: string,
    block: BlockAnswer,
    week: CivilDate,
  ): Promise<number | undefined> {
    const { weeks } = await this.handouts.page(coachId, block);
    return weeks.find(({ days }) => days.some(({ date }) => date === week))?.number;
  }
}
