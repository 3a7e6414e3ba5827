import { useEffect, useRef } from 'react';

/** Seconds between tries; the last goes on. */
const PAUSES = [2, 4, 8, 15, 30];

/** Asks again with growing pauses while the server is away: nobody has to press anything. */
export function useRetryWhileAway(error: unknown, refetch: () => unknown): void {
  const tries = useRef(0);
  const away =
    typeof error === 'object' && error !== null && 'kind' in error && error.kind === 'away';
  useEffect(() => {
    if (!away) {
      tries.current = 0;
      return;
    }
    const pause = PAUSES[Math.min(tries.current, PAUSES.length - 1)] ?? 2;
    tries.current += 1;
    const timer = setTimeout(() => void refetch(), 1000 * pause);
    return () => clearTimeout(timer);
    // A new try that fails is a new error: the next pause begins with it.
  }, [away, error, refetch]);
}
