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
      // No message: the driver quotes values in it, and so may any other. Code and place tell enough.
      err: ({ type, code, stack }: { type: string; code?: unknown; stack?: string }) => ({
        type,
        ...(typeof code === 'string' && /^[\w-]{1,40}$/.test(code) && { code }),
        frames: (stack ?? '').split('\n').filter((line) => FRAME.test(line)),
      }),
    },
  };
}

/** `    at query (file:///…/knex.js:1:2)`: a place in the code, and nothing else. */
const FRAME = /^ {4}at [^\n]*(\.[cm]?[jt]s|node:[\w/]+):\d+:\d+\)?$/;
