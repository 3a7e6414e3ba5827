import { type Route, USUAL_BYTES, routes } from '@nadir/contract';
import type { Server } from 'node:http';
import type { FastifyHttpOptions, FastifyInstance, FastifyReply } from 'fastify';

/** A request that is not whole after this long is cut: nobody types a body by hand. Milliseconds. */
const REQUEST_MS = 20_000;
const HEADERS_MS = 10_000;
/** How often Node looks for requests that take too long. */
const LOOK_MS = 2000;

/** The contract reads every body: what compiles schemas of routes is not loaded, and no route may have one. */
function noSchemas(): never {
  throw new Error('A route has a schema of its own; bodies are read by the contract.');
}

/** How much of a request is taken, and how long it may take to come. */
export const serverOptions = {
  schemaController: {
    compilersFactory: { buildValidator: () => noSchemas, buildSerializer: () => noSchemas },
  },
  bodyLimit: USUAL_BYTES,
  requestTimeout: REQUEST_MS,
  http: { headersTimeout: HEADERS_MS, connectionsCheckingInterval: LOOK_MS },
  // An address that cannot be read is answered like any other that leads nowhere.
  frameworkErrors: (_error: unknown, _request: unknown, reply: FastifyReply) => {
    const refusal = { code: 'not-found', message: 'There is nothing at this address.' };
    void reply.status(404).send(refusal);
  },
} satisfies FastifyHttpOptions<Server>;

/** Gives each route the size of body that the contract says; called before routes are made. */
export function limitBodies(fastify: FastifyInstance): void {
  const limits = new Map(
    Object.values<Route>(routes).map(({ method, path, bodyBytes }) => [
      `${method} ${path.replace(/\{(\w+)\}/g, ':$1')}`,
      bodyBytes,
    ]),
  );
  fastify.addHook('onRoute', (route) => {
    const methods = [route.method].flat();
    const bytes = methods.map((method) => limits.get(`${method} ${route.url}`)).find(Boolean);
    if (bytes !== undefined) route.bodyLimit = bytes;
  });
}

/** JSON is the only body that is read, and no answer with data stays in a cache. */
export function onlyJson(fastify: FastifyInstance): void {
  fastify.removeContentTypeParser('text/plain');
  fastify.addHook('onSend', (request, reply, payload, done) => {
    if (/^\/(api|health)\b/i.test(request.url)) reply.header('cache-control', 'no-store');
    done(null, payload);
  });
}
