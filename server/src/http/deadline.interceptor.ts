import {
  type CallHandler,
  type ExecutionContext,
  Inject,
  Injectable,
  type NestInterceptor,
  SetMetadata,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { type Observable, throwError, timeout } from 'rxjs';
import { CONFIG, type Config } from '../config/config.js';
import { TooSlow } from '../database/within.js';

/** Longest that a request works before it is answered, in milliseconds, where it makes a file or takes a whole squad in. */
const LONG_MS = 120_000;
const LONG = 'long-work';

/** Routes whose work is long by its nature: the coach sees that it goes on. */
export const LongWork = () => SetMetadata(LONG, true);

/**
 * Answers a request whose database stands still. What it began may still be
 * done when the database goes on: that is why saves can be repeated.
 */
@Injectable()
export class DeadlineInterceptor implements NestInterceptor {
  constructor(
    @Inject(Reflector) private readonly reflector: Reflector,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const isLong = this.reflector.get<boolean | undefined>(LONG, context.getClass());
    const each = isLong ? LONG_MS : this.config.deadlineMs;
    const late = () => throwError(() => new TooSlow(`nothing in ${each} ms`));
    return next.handle().pipe(timeout({ each, with: late }));
  }
}
