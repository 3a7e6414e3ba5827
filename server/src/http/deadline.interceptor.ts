import {
  type CallHandler,
  type ExecutionContext,
  Injectable,
  type NestInterceptor,
} from '@nestjs/common';
import { type Observable, throwError, timeout } from 'rxjs';
import { TooSlow } from '../database/within.js';

/** Longest that a request works before it is answered, in milliseconds. */
export const DEADLINE_MS = 8000;

/**
 * Answers a request whose database stands still. What it began may still be
 * done when the database goes on: that is why saves can be repeated.
 */
@Injectable()
export class DeadlineInterceptor implements NestInterceptor {
  intercept(_context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const late = () => throwError(() => new TooSlow(`nothing in ${DEADLINE_MS} ms`));
    return next.handle().pipe(timeout({ each: DEADLINE_MS, with: late }));
  }
}
