/** How often a line is written anew. Milliseconds. */
const OFTEN_MS = 500;

/**
 * A line on the terminal that says how far something is; nothing where the
 * output is no terminal.
 *
 * @param {string} what
 * @returns {(how?: string) => void} called with how far it is, and with nothing at the end
 */
export function progress(what) {
  let last = Date.now();
  let written = false;
  return (how) => {
    if (!process.stdout.isTTY) return;
    if (how === undefined) {
      if (written) process.stdout.write('\r\x1b[K');
      return;
    }
    if (Date.now() - last < OFTEN_MS) return;
    last = Date.now();
    written = true;
    process.stdout.write(`\r\x1b[K${what}: ${how} …`);
  };
}
