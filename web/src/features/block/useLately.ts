import { startTransition, useDeferredValue, useEffect, useState } from 'react';

/** A hand that rests this long is reading. */
const REST_MS = 80;

/**
 * What the figures and checks show: the value itself, right after the frame
 * that draws it; while something is in hand, the value at which the hand last
 * rested, so that moving it leaves the frames to the drawing.
 *
 * @param taken what they show when something is taken in hand
 */
export function useLately<T>(value: T, taken: T, inHand: boolean): T {
  const settled = useDeferredValue(value);
  const [rested, setRested] = useState<T>();
  useEffect(() => {
    if (!inHand) return;
    const timer = setTimeout(() => startTransition(() => setRested(value)), REST_MS);
    return () => clearTimeout(timer);
  }, [inHand, value]);
  useEffect(() => (inHand ? () => setRested(undefined) : undefined), [inHand]);
  return inHand ? (rested ?? taken) : settled;
}
