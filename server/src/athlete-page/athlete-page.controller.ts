import { type AthletePage, type SentAnswer, type SentBody, sentBody } from '@nadir/contract';
import { Controller, Get, Inject, Put, UseGuards } from '@nestjs/common';
import type { LinkRow } from '../athlete-links/athlete-links.repository.js';
import { Parsed } from '../http/body.js';
import { Id } from '../http/id.js';
import { OpenToAll } from '../sign-in/session.guard.js';
import { AthletePageService } from './athlete-page.service.js';
import { Link, LinkGuard } from './link.guard.js';
import { SentService } from './sent.service.js';

/** All that a link opens: one page to read, one door to send by. */
@Controller('api/athlete-page')
@OpenToAll()
@UseGuards(LinkGuard)
export class AthletePageController {
  constructor(
    @Inject(AthletePageService) private readonly pages: AthletePageService,
    @Inject(SentService) private readonly sent: SentService,
  ) {}

  @Get()
  page(@Link() link: LinkRow): Promise<AthletePage> {
    return this.pages.of(link);
  }

  @Put('sent/:id')
  take(
    @Link() link: LinkRow,
    @Id('message') id: string,
    @Parsed(sentBody) body: SentBody,
  ): Promise<SentAnswer> {
    return this.sent.take(link, id, body);
  }
}
