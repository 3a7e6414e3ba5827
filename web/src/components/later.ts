import { type ComponentType, type LazyExoticComponent, lazy } from 'react';

/** Asked for again after this, or as soon as the line is back. Milliseconds. */
const AGAIN_MS = 10_000;

/**
 * A part that no page waits for. While it cannot be fetched it is not there, and
 * is asked for again: being away from the server breaks no view over it.
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
): LazyExoticComponent<ComponentType<P>> {
  return lazy(async () => ({ default: await untilLoaded(load) }));
}

async function untilLoaded<T>(load: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await load();
    } catch {
      await lineOrTime();
    }
  }
}

function lineOrTime(): Promise<void> {
  return new Promise((resolve) => {
    const done = () => {
      clearTimeout(timer);
      window.removeEventListener('online', done);
      resolve();
    };
    const timer = setTimeout(done, AGAIN_MS);
    window.addEventListener('online', done);
  });
}
