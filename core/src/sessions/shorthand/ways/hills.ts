import type { Way } from './way.js';

/** What is run uphill. */
export const hills: readonly Way[] = [
  // 8 x hill 60 s
  [/(\d+ ?[x×*] ?)hills? (\d+ ?(?:m|s|min)\b)/i, '$1$2 uphill'],
  // 8 hills of 60 s
  [/^(\d+) hills? (?:of |at )?(\d+ ?(?:m|s|min)\b)/i, '$1 x $2 uphill'],
  // 6 x hill (60 s), jog down
  [/(\d ?[x×*] ?)hills? ?\((\d+ ?(?:s|secs?|mins?|m|'|"))\)/i, '$1$2 uphill'],
  // hills 6 x 20 s in 5k
  [/^hills?:? (\d+ ?[x×*] ?\d+ ?(?:m|s|secs?|min|'|"))(?= in )/i, '$1 uphill'],
];
