import {
  type CallHandler,
  type ExecutionContext,
  Inject,
  Injectable,
  type NestInterceptor,
} from '@nestjs/common';
import type { FastifyRequest } from 'fastify';
import { type Observable, tap } from 'rxjs';
import { coachIdIn } from '../sign-in/session.guard.js';
import { AheadService } from './ahead.service.js';

/** What a coach changed may change how their squad looks: it is looked at again before they ask. */
@Injectable()
export class AheadInterceptor implements NestInterceptor {
  constructor(@Inject(AheadService) private readonly ahead: AheadService) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const { method } = context.switchToHttp().getRequest<FastifyRequest>();
    const coachId = coachIdIn(context);
    if (method === 'GET' || coachId === undefined) return next.handle();
    return next.handle().pipe(tap(() => this.ahead.soon(coachId)));
  }
}
