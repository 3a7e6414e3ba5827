/** Races that go by a name, in metres. */
export const RACED = { 'half marathon': 21_097.5, marathon: 42_195 } as const;

/** The name of a raced distance: 21097.5 m → `half marathon`; undefined for one that has none. */
export function racedName(metres: number): string | undefined {
  return Object.entries(RACED).find(([, raced]) => raced === metres)?.[0];
}
