import { type ComponentType, type LazyExoticComponent, lazy } from 'react';
import { couldNotBeLoaded, reloadForNewerFiles } from '../api/newer-files.js';

/** Asked for again after this, or as soon as the line is back. Milliseconds. */
const AGAIN_MS = 10_000;

/**
 * A part that no page waits for. While it cannot be fetched it is not there, and
 * is asked for again: being away from the server breaks no view over it. Where an
 * upgrade has taken its file away, the page opens itself anew.
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
    } catch (error) {
      if (couldNotBeLoaded(error)) await reloadForNewerFiles();
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
