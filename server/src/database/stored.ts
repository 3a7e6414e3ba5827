import { parse, safeParse, type $ZodType } from 'zod/v4/core';

/** What texts may hold no longer, and may have been stored with before. */
const UNWRITABLE = /(?![\t\n\r])\p{Cc}/gu;

/**
 * What was stored, parsed. Text from before control characters were refused is
 * read without them: nobody is locked out of a squad by one pasted character.
 *
 * @throws $ZodError for what no version of Nadir stored
 */
export function stored<T>(schema: $ZodType<T>, value: unknown): T {
  const parsed = safeParse(schema, value);
  return parsed.success ? parsed.data : parse(schema, withoutControls(value));
}

function withoutControls(value: unknown): unknown {
  if (typeof value === 'string') return value.replace(UNWRITABLE, '');
  if (Array.isArray(value)) return value.map(withoutControls);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, each]) => [key, withoutControls(each)]),
  );
}
