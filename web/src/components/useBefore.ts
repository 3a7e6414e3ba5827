import { useRef } from 'react';

/**
 * What was kept before a field was typed into, until it is left: of a 999 that is too much, the
 * 99 on the way to it is not meant, and what was kept before it is kept again.
 */
export function useBefore<T>(kept: T): { before: () => T; onLeft: () => void } {
  const held = useRef<{ kept: T }>(undefined);
  return {
    before: () => (held.current ??= { kept }).kept,
    onLeft: () => {
      held.current = undefined;
    },
  };
}
