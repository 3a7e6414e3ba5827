import { useEffect, useState } from 'react';

/** At the latest after this, ms. */
const PATIENCE_MS = 500;

/**
 * Works something out once the page has nothing better to do: undefined until
 * then. Fixes are laid out one by one, which no key stroke is to wait for.
 */
export function useWhenIdle<T>(work: () => T): T | undefined {
  const [done, setDone] = useState<{ of: () => T; value: T }>();
  useEffect(() => {
    const finish = () => setDone({ of: work, value: work() });
    if (!('requestIdleCallback' in window)) {
      const timer = setTimeout(finish, 0);
      return () => clearTimeout(timer);
    }
    const idle = window.requestIdleCallback(finish, { timeout: PATIENCE_MS });
    return () => window.cancelIdleCallback(idle);
  }, [work]);
  return done?.of === work ? done.value : undefined;
}
