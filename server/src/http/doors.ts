import type { Refusal } from '@nadir/contract';
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import type { Config } from '../config/config.js';

/** Names of this machine; others are listed in NADIR_HOSTS. */
const OWN_NAMES = ['localhost', '127.0.0.1', '[::1]'];
const READING: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);
/** What browsers say of a request that our own page, or nobody's page, sends. */
const OUR_SITES: readonly unknown[] = ['same-origin', 'none', undefined];

const WRONG_HOST: Refusal = {
  code: 'wrong-host',
  message:
    'This Nadir does not go by that name. Open it at the address it printed, or list the name in NADIR_HOSTS and start it again.',
};
const FOREIGN: Refusal = {
  code: 'foreign-origin',
  message: 'That was sent by another site’s page. Nothing was changed.',
};

/**
 * Who may come in: requests to a name that is ours, and changes from our own
 * pages alone. No page of another site can act as the coach or claim a fresh
 * Nadir, and no name that somebody else points at this machine is answered.
 */
export function watchDoors(fastify: FastifyInstance, { hosts, host }: Config): void {
  const names = new Set([...OWN_NAMES, host, ...hosts]);
  fastify.addHook('onRequest', async (request, reply) => {
    if (!names.has(nameOf(request.headers.host))) return refuse(reply, 421, WRONG_HOST);
    if (!READING.has(request.method) && isForeign(request)) return refuse(reply, 403, FOREIGN);
    return undefined;
  });
}

function isForeign({ headers }: FastifyRequest): boolean {
  if (!OUR_SITES.includes(headers['sec-fetch-site'])) return true;
  const { origin, host } = headers;
  return origin !== undefined && hostIn(origin) !== host;
}

/** `example.org:8080` → `example.org`; `[::1]:80` → `[::1]`. */
function nameOf(host = ''): string {
  return host.toLowerCase().replace(/:\d+$/, '');
}

function hostIn(origin: string): string | undefined {
  return URL.canParse(origin) ? new URL(origin).host : undefined;
}

function refuse(reply: FastifyReply, status: number, refusal: Refusal): FastifyReply {
  return reply.status(status).send(refusal);
}
