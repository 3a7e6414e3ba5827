import type { BlockAnswer, Refusal } from '@nadir/contract';
import type { Issue } from '@nadir/core/spec';
import { HttpException, HttpStatus } from '@nestjs/common';

/** A request that is refused for a reason its sender can mend. */
export class Refused extends HttpException {
  constructor(status: HttpStatus, refusal: Refusal) {
    super(refusal, status);
  }
}

/** Another coach's thing and a thing that is not answer alike. */
export function notFound(what: string): Refused {
  return new Refused(HttpStatus.NOT_FOUND, {
    code: 'not-found',
    message: `There is no such ${what}. The address is wrong, or what stood there was removed.`,
  });
}

export function notSignedIn(): Refused {
  return new Refused(HttpStatus.UNAUTHORIZED, {
    code: 'not-signed-in',
    message: 'You are signed out. Sign in again; what you changed is kept on this device.',
  });
}

export function invalid(problems: Issue[]): Refused {
  return new Refused(HttpStatus.BAD_REQUEST, {
    code: 'invalid',
    message: 'Some of what was sent cannot be taken. Nothing was saved.',
    problems,
  });
}

export function staleRevision(current: BlockAnswer): Refused {
  return new Refused(HttpStatus.CONFLICT, {
    code: 'stale-revision',
    message:
      'The block was changed elsewhere since you opened it. Nothing was lost: choose which version to keep.',
    current,
  });
}

export function staleRecord(): Refused {
  return new Refused(HttpStatus.CONFLICT, {
    code: 'stale-revision',
    message:
      'This record was changed elsewhere since you opened it. Open it again, then change it.',
  });
}

export function notConnected(): Refused {
  return new Refused(HttpStatus.CONFLICT, {
    code: 'not-connected',
    message: 'This athlete’s watch is not connected. Connect it first.',
  });
}

export function staleEntry(): Refused {
  return new Refused(HttpStatus.CONFLICT, {
    code: 'stale-revision',
    message:
      'The diary was changed elsewhere since you opened it. Nothing was kept: look at it again, then keep yours.',
  });
}
