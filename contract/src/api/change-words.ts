/** As much of a history line as the server takes. */
export const MOST_WORDS = 500;

/**
 * The words of several changes as one line of the history: the last of them
 * where they are too many, and never half a character.
 *
 * @example changeWords(['Fixed week 3.', 'Undone: Pinned week 3.'])
 */
export function changeWords(changes: readonly string[]): string {
  return changes
    .join(' ')
    .slice(-MOST_WORDS)
    .replace(/^[\uDC00-\uDFFF]/, '');
}
