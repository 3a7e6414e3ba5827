/**
 * The number of the set of defaults that a block is laid out under: house rules,
 * pace table, families and schools. A default that is changed is written beside
 * the one before under the next number, and moves no block that names another.
 */
export const newestEngine = 21;

/**
 * Numbers under which the laying out itself became another, so that an older
 * block can no longer be laid out as it was: it is shown as it is stored.
 */
const layoutsSince: readonly number[] = [
  1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21,
];

/** Something that was changed with some of the numbers: each change under its own. */
export type Since<T> = Readonly<Record<1, T>> & Readonly<Record<number, T>>;

/** What is in force under a number: the last change up to it. */
export function inForce<T>(since: Since<T>, engine: number): T {
  for (let number = engine; number > 1; number--) {
    const changed = since[number];
    if (changed !== undefined) return changed;
  }
  return since[1];
}

/**
 * Whether a block of this number is still laid out as it was; one that is not is
 * taken from its stored days until the coach takes the newest.
 */
export function isLaidAsThen(engine: number, layouts = layoutsSince): boolean {
  return engine >= (layouts.at(-1) ?? 1);
}
