/** Method, path without its query, status and time: nothing of who or what was sent. */
export function loggerOptions(level: string) {
  return {
    level,
    serializers: {
      req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
        id,
        method,
        path: url.split('?')[0],
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
      err: ({ type, message, stack }: { type: string; message: string; stack: string }) => ({
        type,
        // The database driver quotes values in its messages; the stack's frames do not.
        message: message.split(' - ').at(-1),
        frames: stack.split('\n').filter((line) => line.trimStart().startsWith('at ')),
      }),
    },
  };
}
