/**
 * Does something again and again, with a pause after each time. A round that fails
 * is told of, and is no end of them.
 *
 * @param pause milliseconds between rounds
 * @returns ends the rounds, when the one under way is over
 */
export function inRounds(
  pause: number,
  round: () => Promise<void>,
  failed: (error: unknown) => void,
): () => Promise<void> {
  let isEnded = false;
  let next: NodeJS.Timeout | undefined;
  let underWay = Promise.resolve();
  const begin = () => {
    underWay = round()
      .catch(failed)
      .finally(() => {
        if (!isEnded) next = setTimeout(begin, pause);
      });
  };
  begin();
  return async () => {
    isEnded = true;
    clearTimeout(next);
    await underWay;
  };
}
