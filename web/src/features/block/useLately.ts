import { startTransition, useCallback, useDeferredValue, useEffect, useRef, useState } from 'react';

/** A hand that rests this long is reading. */
const REST_MS = 80;

/**
 * What the figures and checks show: the value itself, right after the frame
 * that draws it; while something is in hand, the value at which the hand last
 * rested, so that moving it leaves the frames to the drawing.
 *
 * @param taken what they show when something is taken in hand
 */
export function useLately<T>(value: T, taken: T, dragged: boolean): T {
  const [rested, setRested] = useState<T>();
  const latest = useRef(value);
  // The same function for every timer: a browser keeps the work of a cleared one
  // for long, and with it would keep the block of every move.
  const rest = useCallback(() => startTransition(() => setRested(latest.current)), []);
  useEffect(() => {
    latest.current = value;
    if (!dragged) return;
    const timer = setTimeout(rest, REST_MS);
    return () => clearTimeout(timer);
  }, [dragged, value, rest]);
  useEffect(() => (dragged ? () => setRested(undefined) : undefined), [dragged]);
  return useDeferredValue(dragged ? (rested ?? taken) : value);
}
