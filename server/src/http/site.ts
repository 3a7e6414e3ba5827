import { join } from 'node:path';
import fastifyStatic from '@fastify/static';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';

/** Addresses that are never the site's. */
const NOT_THE_SITE = /^\/(api|health)(\/|$|\?)/i;
/** Addresses of files: one that is not there has gone with an older version. */
const A_FILE = /^\/assets\/|\.\w+(\?|$)/;
/** Folders of built files: the desk’s, and the athlete’s page’s. */
const ASSETS = ['assets/', 'a/assets/'];
const YEAR_SECONDS = 31_536_000;

/** Serves the built site; any address that is not the API's opens its page. */
export async function serveSite(app: NestFastifyApplication, folder: string): Promise<void> {
  const fastify = app.getHttpAdapter().getInstance();
  await fastify.register(fastifyStatic, {
    root: folder,
    wildcard: false,
    // Compressed when it was built, as small as can be.
    preCompressed: true,
    setHeaders: (reply, path) => {
      // Built files carry their hash in their name; the page itself must stay fresh.
      const lasting = ASSETS.some((assets) => path.startsWith(join(folder, assets)));
      reply.header(
        'cache-control',
        lasting ? `public, max-age=${YEAR_SECONDS}, immutable` : 'no-cache',
      );
    },
  });
  fastify.get('/*', (request, reply) => {
    if (NOT_THE_SITE.test(request.url) || A_FILE.test(request.url)) {
      reply.callNotFound();
      return;
    }
    return reply.sendFile('index.html');
  });
}
