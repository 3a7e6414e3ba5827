import type { Refusal } from '@nadir/contract';
import type { SerializedError } from '@reduxjs/toolkit';

/** Why a call did not succeed: nobody who can do it now, a refusal, or an answer nobody can read. */
export type CallError =
  /** Worth another try, after so many seconds where the server said so. */
  | { kind: 'away'; retryAfter?: number | undefined; sentence?: string | undefined }
  | { kind: 'refused'; status: number; refusal: Refusal }
  | { kind: 'unreadable'; status: number };

/** What went wrong with a call, where something did. */
export function callError(error: CallError | SerializedError | undefined): CallError | undefined {
  return error && 'kind' in error ? error : undefined;
}

/** One sentence for what went wrong and what to do. */
export function errorSentence(error: CallError): string {
  switch (error.kind) {
    case 'away':
      return (
        error.sentence ??
        'The server does not answer. What you entered is still here; try again when it is back.'
      );
    case 'refused':
      return [
        error.refusal.message,
        ...(error.refusal.problems ?? []).map(({ message }) => message),
      ].join(' ');
    case 'unreadable':
      return `The server’s answer cannot be read (${error.status}). Reload the page; nothing was lost.`;
  }
}
