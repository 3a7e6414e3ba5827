/** The same words with a capital at their head. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
