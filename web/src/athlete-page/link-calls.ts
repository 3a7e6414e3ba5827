import {
  athletePage,
  type AthletePage,
  paths,
  refused,
  sentAnswer,
  type SentBody,
} from '@nadir/contract/athlete';
import type { z } from 'zod';
import * as wording from './wording.js';

/** What a call came to. */
export type Called<T> =
  | { kind: 'answer'; value: T }
  /** Worth another try. */
  | { kind: Away }
  /** The link opens nothing any more. */
  | { kind: 'ended'; words: string }
  | { kind: 'refused'; words: string };

/** No line, or a server that cannot answer now. */
export type Away = 'offline' | 'unanswered';

export function isAway(kind: string): kind is Away {
  return kind === 'offline' || kind === 'unanswered';
}

const PATIENCE_MS = 20_000;
const UNREADABLE = wording.theAnswerCouldNotBeRead;

export function readPage(link: string): Promise<Called<AthletePage>> {
  return called(link, paths.athletePage.path, { method: 'GET' }, athletePage);
}

export function sendFromPage(link: string, id: string, body: SentBody) {
  const path = paths.sendFromPage.path.replace('{id}', id);
  const headers = { 'content-type': 'application/json' };
  return called(link, path, { method: 'PUT', headers, body: JSON.stringify(body) }, sentAnswer);
}

async function called<T>(
  link: string,
  path: string,
  init: RequestInit,
  schema: z.ZodType<T>,
): Promise<Called<T>> {
  let response: Response;
  let body: unknown;
  try {
    const headers = new Headers(init.headers);
    headers.set('authorization', `Bearer ${link}`);
    response = await fetch(path, {
      ...init,
      headers,
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
  } catch (error) {
    return { kind: isTimeout(error) ? 'unanswered' : 'offline' };
  }
  try {
    body = await response.json();
  } catch {
    // Not of this server: of one before it that does not reach it.
    return { kind: 'unanswered' };
  }
  const { status } = response;
  if (status === 429 || status >= 500) return { kind: 'unanswered' };
  if (!response.ok) {
    const words = wordsOf(body);
    return status === 401 ? { kind: 'ended', words } : { kind: 'refused', words };
  }
  const parsed = schema.safeParse(body);
  return parsed.success
    ? { kind: 'answer', value: parsed.data }
    : { kind: 'refused', words: UNREADABLE };
}

/** There is a line, but nothing came of it in time. */
function isTimeout(error: unknown): boolean {
  return error instanceof DOMException && error.name === 'TimeoutError';
}

/** A refusal as one reads it: what is wrong, field by field where there are any. */
function wordsOf(body: unknown): string {
  const parsed = refused.safeParse(body);
  if (!parsed.success) return UNREADABLE;
  const { message, problems = [] } = parsed.data;
  if (problems.length === 0) return message;
  return problems
    .map(
      (problem) => `${FIELDS[String(problem.path.at(-1))] ?? wording.thisField} ${problem.message}`,
    )
    .join(' ');
}

const FIELDS: Readonly<Record<string, string>> = {
  date: wording.theDay,
  from: wording.theDay,
  to: 'The new day',
  time: wording.theTime,
  distance: wording.theDistance,
  where: wording.whereItHurts,
};
