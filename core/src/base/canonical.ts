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

/**
 * Whether two values are the same once they are written as JSON, whatever the
 * order of their keys; what is undefined counts as left out.
 *
 * @example equalAsJson({ a: 1, b: undefined }, { a: 1 }) // true
 */
export function equalAsJson(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (!isComposed(one) || !isComposed(other)) return false;
  if (Array.isArray(one) !== Array.isArray(other)) return false;
  const isSame = (key: string) => equalAsJson(one[key], other[key]);
  return (
    Object.keys(one).every(isSame) && Object.keys(other).every((key) => key in one || isSame(key))
  );
}

function isComposed(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}
