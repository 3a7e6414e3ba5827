import { HttpStatus } from '@nestjs/common';
import type { FastifyReply } from 'fastify';
import { type RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { Refused } from './refused.js';

/**
 * Counts one request of somebody; refuses it where there were too many, and says when to
 * come again.
 *
 * @param points how many it counts as; with 0 it is only looked whether there were too many
 */
export async function countRequest(
  limit: RateLimiterMemory,
  who: string,
  reply: FastifyReply,
  points = 1,
): Promise<void> {
  try {
    await limit.consume(who, points);
  } catch (error) {
    if (!(error instanceof RateLimiterRes)) throw error;
    void reply.header('retry-after', Math.ceil(error.msBeforeNext / 1000));
    throw new Refused(HttpStatus.TOO_MANY_REQUESTS, {
      code: 'too-many',
      message: 'Asked too often. Try again in a minute.',
    });
  }
}
