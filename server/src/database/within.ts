/** Nothing came in time; what was asked may still be done. */
export class TooSlow extends Error {}

/**
 * The same promise, unless it takes longer.
 *
 * @throws TooSlow after so many milliseconds
 */
export async function within<T>(milliseconds: number, work: Promise<T>): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new TooSlow(`nothing in ${milliseconds} ms`)), milliseconds);
  });
  try {
    return await Promise.race([work, late]);
  } finally {
    clearTimeout(timer);
  }
}
