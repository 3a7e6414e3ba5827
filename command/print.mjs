/**
 * Prints a table or a file that was asked for. Who reads it (`| head`) may have seen enough
 * before its end: that is no fault.
 *
 * @param {string} text
 */
export function print(text) {
  process.stdout.once('error', (/** @type {NodeJS.ErrnoException} */ error) => {
    if (error.code !== 'EPIPE') throw error;
  });
  process.stdout.write(text);
}
