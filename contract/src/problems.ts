import type { Issue } from '@nadir/core/spec';
import type { z } from 'zod';

/** More than anyone reads; the rest is counted. */
const MOST_PROBLEMS = 50;

/**
 * What Zod found, in plain words: what was expected and what was received, at
 * its path. The path stays data, for a form to place the message.
 */
export function problemsOf(error: z.ZodError, input: unknown): Issue[] {
  return firstOf(error.issues.flatMap((issue) => flatten(issue, input)));
}

/** The first problems, and how many more there are. */
export function firstOf(problems: Issue[]): Issue[] {
  const more = problems.length - MOST_PROBLEMS;
  if (more <= 0) return problems;
  const rest = { code: 'and-more', path: [], message: `… and ${more} more.` };
  return [...problems.slice(0, MOST_PROBLEMS), rest];
}

/** A problem as one line: where, then what. */
export function problemLine({ path, message }: Pick<Issue, 'path' | 'message'>): string {
  return path.length === 0 ? message : `${writePath(path)}: ${message}`;
}

/** `['pins', 0, 'week']` → `pins[0].week`. */
function writePath(path: readonly (string | number)[]): string {
  return path
    .map((key, index) => (typeof key === 'number' ? `[${key}]` : index === 0 ? key : `.${key}`))
    .join('');
}

function flatten(issue: z.core.$ZodIssue, input: unknown): Issue[] {
  const path = issue.path.map((key) => (typeof key === 'number' ? key : String(key)));
  if (issue.code === 'unrecognized_keys') {
    return issue.keys.map((key) => ({
      code: 'unknown-field',
      path: [...path, short(key)],
      message: 'is no field of this format. Remove it, or check its spelling.',
    }));
  }
  const wanted = expected(issue);
  // What says all there is to say needs no word of what was received.
  const received = wanted.startsWith('expected') ? `, received ${written(at(input, path))}` : '';
  return [{ code: issue.code, path, message: `${wanted}${received}.` }];
}

function expected(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return `expected ${article(issue.expected)}`;
    case 'invalid_value':
      return `expected ${issue.values.map((value) => JSON.stringify(value)).join(' or ')}`;
    case 'too_small':
      return `expected ${measured(issue.origin)} of at least ${issue.minimum}`;
    case 'too_big':
      return `expected ${measured(issue.origin)} of at most ${issue.maximum}`;
    default:
      return issue.message.replace(/\.$/, '');
  }
}

const ARTICLES: Readonly<Record<string, string>> = {
  int: 'a whole number',
  number: 'a number',
  string: 'text',
  array: 'a list',
  object: 'an object',
  boolean: 'true or false',
};

function article(type: string): string {
  return ARTICLES[type] ?? type;
}

function measured(origin: string): string {
  return origin === 'string'
    ? 'text with a length'
    : origin === 'array'
      ? 'a list with a length'
      : 'a number';
}

function at(input: unknown, path: readonly (string | number)[]): unknown {
  return path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null
        ? (value as Record<string, unknown>)[key]
        : undefined,
    input,
  );
}

/** Longest word of what was received: a line takes no more. */
const MOST_WRITTEN = 60;

/** A received value, short enough for a line. */
function written(value: unknown): string {
  if (value === undefined) return 'nothing';
  return short(JSON.stringify(value));
}

/** Whole characters: half of one could not be sent. */
function short(text: string): string {
  return text.length > MOST_WRITTEN
    ? `${text.slice(0, MOST_WRITTEN - 3).replace(/[\uD800-\uDBFF]$/, '')}…`
    : text;
}
