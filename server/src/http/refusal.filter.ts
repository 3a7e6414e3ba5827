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
import { Refused } from './refused.js';

/** Words for what the framework itself refuses. */
const SENTENCES: Readonly<Record<number, Refusal>> = {
  400: { code: 'not-json', message: 'The body is not JSON. Send JSON, or nothing.' },
  404: { code: 'not-found', message: 'There is nothing at this address.' },
  413: {
    code: 'too-large',
    message: 'That is more than a block ever needs; a mebibyte is the most. Nothing was saved.',
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
    const status = statusOf(error);
    if (status >= 500) this.logger.error({ err: error }, 'request failed');
    void reply.status(status).send(SENTENCES[status] ?? FAILED);
  }
}

function statusOf(error: unknown): number {
  if (error instanceof HttpException) return error.getStatus();
  const known = typeof error === 'object' && error !== null && 'statusCode' in error;
  return known && typeof error.statusCode === 'number' ? error.statusCode : 500;
}
