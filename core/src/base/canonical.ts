/**
 * A value as JSON with the keys of every object in order: two values that say
 * the same are the same text.
 *
 * @example canonicalJson({ b: 1, a: [2] }) === '{"a":[2],"b":1}'
 */
export function canonicalJson(value: unknown): string | undefined {
  return JSON.stringify(value, inOrder);
}

function inOrder(_: string, value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)));
}
