import {
  type CanActivate,
  createParamDecorator,
  type ExecutionContext,
  HttpStatus,
  Inject,
  Injectable,
} from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { AthleteLinksRepository, type LinkRow } from '../athlete-links/athlete-links.repository.js';
import { LinkKeys } from '../athlete-links/link-keys.js';
import { AthletesRepository } from '../athletes/athletes.repository.js';
import { CLOCK, type Clock } from '../clock/clock.js';
import { Refused } from '../http/refused.js';
import { countRequest } from '../http/too-often.js';

type LinkRequest = FastifyRequest & { link?: LinkRow };

const BEARER = /^Bearer ([\w-]{43})$/;
/** Wrong keys of one address, and requests of one link: a phone asks a few times a day. */
const WRONG = { points: 20, duration: 60 };
const OF_A_LINK = { points: 120, duration: 60 };

/** The link a request came by: what everything it reads and writes is scoped by. */
export const Link = createParamDecorator((_: unknown, context: ExecutionContext): LinkRow => {
  const { link } = context.switchToHttp().getRequest<LinkRequest>();
  if (!link) throw linkEnded();
  return link;
});

/** Lets in whoever has the key of a link that has not ended. It opens these routes, and no cookie does. */
@Injectable()
export class LinkGuard implements CanActivate {
  private readonly wrong = new RateLimiterMemory(WRONG);
  private readonly usual = new RateLimiterMemory(OF_A_LINK);

  constructor(
    @Inject(AthleteLinksRepository) private readonly links: AthleteLinksRepository,
    @Inject(AthletesRepository) private readonly athletes: AthletesRepository,
    @Inject(LinkKeys) private readonly keys: LinkKeys,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<LinkRequest>();
    const reply = context.switchToHttp().getResponse<FastifyReply>();
    await countRequest(this.wrong, request.ip, reply, 0);
    const link = await this.linkOf(request.headers.authorization);
    if (!link) {
      await countRequest(this.wrong, request.ip, reply);
      throw linkEnded();
    }
    await countRequest(this.usual, link.link_id, reply);
    request.link = link;
    return true;
  }

  /** Found by its hash: how long that takes tells nothing of how near a guess was. */
  private async linkOf(authorization = ''): Promise<LinkRow | undefined> {
    const key = BEARER.exec(authorization)?.[1];
    const link = key && (await this.links.byHash(this.keys.hashOf(key)));
    if (!link || link.ends < this.clock.today()) return undefined;
    const athlete = await this.athletes.find(link.coach_id, link.athlete_id);
    return athlete?.state === 'here' ? link : undefined;
  }
}

function linkEnded(): Refused {
  return new Refused(HttpStatus.UNAUTHORIZED, {
    code: 'link-ended',
    message: 'This link has ended or is incomplete. Ask your coach for a new one.',
  });
}
