import {
  type CanActivate,
  type ExecutionContext,
  Inject,
  Injectable,
  SetMetadata,
  createParamDecorator,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { FastifyRequest } from 'fastify';
import { CLOCK, type Clock } from '../clock/clock.js';
import { within } from '../database/within.js';
import { DEADLINE_MS } from '../config/config.js';
import { notSignedIn } from '../http/refused.js';
import { SESSION_COOKIE } from './cookie.js';
import { type SignedCoach, SignInsRepository } from './sign-ins.repository.js';

const OPEN = 'open-to-all';

/** A route that needs no sign-in. Every other route does. */
export const OpenToAll = () => SetMetadata(OPEN, true);

type SignedRequest = FastifyRequest & { coach?: SignedCoach };

/** The signed-in coach's id: what every query is scoped by. */
export const CoachId = createParamDecorator(
  (_: unknown, context: ExecutionContext): string => signedCoach(context).id,
);

/** The signed-in coach's name: what changes are signed with. */
export const CoachName = createParamDecorator(
  (_: unknown, context: ExecutionContext): string => signedCoach(context).name,
);

/** The same where somebody is signed in; undefined on a route that is open to all. */
export function coachIdIn(context: ExecutionContext): string | undefined {
  return context.switchToHttp().getRequest<SignedRequest>().coach?.id;
}

function signedCoach(context: ExecutionContext): SignedCoach {
  const { coach } = context.switchToHttp().getRequest<SignedRequest>();
  if (coach === undefined) throw notSignedIn();
  return coach;
}

@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    @Inject(Reflector) private readonly reflector: Reflector,
    @Inject(SignInsRepository) private readonly signIns: SignInsRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const handlers = [context.getHandler(), context.getClass()];
    if (this.reflector.getAllAndOverride<boolean>(OPEN, handlers)) return true;
    const request = context.switchToHttp().getRequest<SignedRequest>();
    const token = request.cookies[SESSION_COOKIE];
    const coach =
      token && (await within(DEADLINE_MS, this.signIns.coachOf(token, this.clock.now())));
    if (!coach) throw notSignedIn();
    request.coach = coach;
    return true;
  }
}
