import type { Refusal } from '@nadir/contract';
import {
  type ArgumentsHost,
  Catch,
  type ExceptionFilter,
  HttpException,
  Inject,
} from '@nestjs/common';
import type { FastifyReply } from 'fastify';
import { PinoLogger } from 'nestjs-pino';
import { type Trouble, troubleOf } from '../database/trouble.js';
import { TooSlow } from '../database/within.js';
import { Refused } from './refused.js';

/** Words for what the framework itself refuses. */
const SENTENCES: Readonly<Record<number, Refusal>> = {
  400: { code: 'not-json', message: 'The body is not JSON. Send JSON, or nothing.' },
  404: { code: 'not-found', message: 'There is nothing at this address.' },
  408: { code: 'too-slow', message: 'The request took too long to come. Send it again.' },
  413: {
    code: 'too-large',
    message: 'That is more than this could ever need. Nothing was saved.',
  },
  415: { code: 'not-json', message: 'Send the body as application/json.' },
  429: {
    code: 'too-many-tries',
    message: 'Too many tries. Wait a quarter of an hour, then try again.',
  },
};

const FAILED: Refusal = {
  code: 'failed',
  message:
    'Something failed here, and it was noted. What you sent is kept on your device; try again shortly.',
};

/** Words for a database that cannot be used just now, and seconds after which to try again. */
const TROUBLES: Readonly<Record<Trouble, { refusal: Refusal; seconds: number }>> = {
  away: {
    refusal: {
      code: 'away',
      message: 'The database does not answer just now. Nothing was half stored; try again shortly.',
    },
    seconds: 2,
  },
  'disk-full': {
    refusal: {
      code: 'disk-full',
      message: 'The server’s disk is full: nothing can be stored until there is room on it again.',
    },
    seconds: 20,
  },
  'cannot-write': {
    refusal: {
      code: 'cannot-write',
      message:
        'The database cannot write to its folder: nothing can be stored until that is put right on the server.',
    },
    seconds: 20,
  },
};

/** Every error leaves as a refusal: a stable code and a sentence, never a stack. */
@Catch()
export class RefusalFilter implements ExceptionFilter {
  constructor(@Inject(PinoLogger) private readonly logger: PinoLogger) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const reply = host.switchToHttp().getResponse<FastifyReply>();
    if (error instanceof Refused) {
      void reply.status(error.getStatus()).send(error.getResponse());
      return;
    }
    if (isAborted(error)) {
      void reply.status(408).send(SENTENCES[408]);
      return;
    }
    const trouble = error instanceof TooSlow ? 'away' : troubleOf(error);
    if (trouble !== undefined) {
      this.logger.warn({ err: error }, `database: ${trouble}`);
      const { refusal, seconds } = TROUBLES[trouble];
      void reply.status(503).header('retry-after', String(seconds)).send(refusal);
      return;
    }
    const status = statusOf(error);
    if (status >= 500) this.logger.error({ err: error }, 'request failed');
    void reply.status(status).send(SENTENCES[status] ?? FAILED);
  }
}

/** The sender went away, or was cut off, before its request or the answer to it was whole. */
function isAborted(error: unknown): boolean {
  if (!(error instanceof Error) || !('code' in error)) return false;
  return error.message === 'aborted' || error.code === 'ERR_STREAM_PREMATURE_CLOSE';
}

function statusOf(error: unknown): number {
  if (error instanceof HttpException) return error.getStatus();
  const known = typeof error === 'object' && error !== null && 'statusCode' in error;
  return known && typeof error.statusCode === 'number' ? error.statusCode : 500;
}
