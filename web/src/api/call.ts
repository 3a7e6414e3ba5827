import type { Refusal } from '@nadir/contract';
import { type RouteName, paths } from '@nadir/contract/paths';
import type { BaseQueryFn } from '@reduxjs/toolkit/query/react';
import { type $ZodType, safeParse } from 'zod/v4/core';
import type { CallError } from './call-error.js';

/** A call of a route. */
export interface Call {
  route: RouteName;
  id?: string;
  revision?: number;
  query?: Record<string, string>;
  body?: unknown;
  /** It carries an id of its own: sent again, it is done once all the same. */
  mayRepeat?: boolean;
}

/** Seconds between tries of what may be repeated. */
const PAUSES = [1, 3];

/** Calls a route, and again while nobody answers where that is safe. */
export const call: BaseQueryFn<Call, unknown, CallError> = async (asked, ...rest) => {
  let answer = await callOnce(asked, ...rest);
  for (const seconds of asked.mayRepeat ? PAUSES : []) {
    if (answer.error?.kind !== 'away') break;
    await new Promise((resolve) => setTimeout(resolve, 1000 * seconds));
    answer = await callOnce(asked, ...rest);
  }
  return answer;
};

/** Calls a route of the contract and parses what it answers. */
const callOnce: BaseQueryFn<Call, unknown, CallError> = async (asked) => {
  const { route, body } = asked;
  const { method } = paths[route];
  const sent = body !== undefined && {
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  };
  let response: Response;
  let text: string;
  try {
    response = await fetch(addressOf(asked), { method, ...sent });
    text = await response.text();
  } catch {
    return { error: { kind: 'away' } };
  }
  const answer = parseJson(text);
  const { firstAnswers, refused: saysWhy } = await import('@nadir/contract/first');
  if (!response.ok) {
    // A conflict says what is stored now, and that is a whole block.
    const conflict = response.status === 409;
    const refused = safeParse<$ZodType<Refusal>>(
      conflict ? (await import('@nadir/contract')).refusal : saysWhy,
      answer,
    );
    // Only a 4xx refuses; a gateway that answers for a server that is down says nothing of ours.
    if (response.status >= 500) return { error: away(response, refused.data?.message) };
    if (!refused.success) return { error: unreadable(response) };
    return { error: { kind: 'refused', status: response.status, refusal: refused.data } };
  }
  const reads = firstAnswers[route] ?? (await import('@nadir/contract')).routes[route].answer;
  const parsed = safeParse(reads, answer);
  return parsed.success ? { data: parsed.data } : { error: unreadable(response) };
};

function addressOf({ route, id = '', revision, query = {} }: Call): string {
  const path = paths[route].path
    .replace('{id}', encodeURIComponent(id))
    .replace('{revision}', String(revision));
  const asked = new URLSearchParams(query).toString();
  return asked === '' ? path : `${path}?${asked}`;
}

function away({ headers }: Response, sentence: string | undefined): CallError {
  const seconds = Number(headers.get('retry-after') ?? NaN);
  return { kind: 'away', sentence, retryAfter: Number.isFinite(seconds) ? seconds : undefined };
}

function unreadable({ status }: Response): CallError {
  return { kind: 'unreadable', status };
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
