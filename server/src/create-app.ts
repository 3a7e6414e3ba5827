import compress from '@fastify/compress';
import cookie from '@fastify/cookie';
import helmet from '@fastify/helmet';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { Logger } from 'nestjs-pino';
import { AppModule } from './app.module.js';
import type { Clock } from './clock/clock.js';
import type { Config } from './config/config.js';
import { keptMode } from './database/kept-mode.js';
import { connect } from './database/knex.js';
import { migrate } from './database/migrate.js';
import { waitForDatabase } from './database/wait-for-database.js';
import { watchDoors } from './http/doors.js';
import { limitBodies, onlyJson, serverOptions } from './http/limits.js';
import { openApiDocument } from './http/openapi.js';
import { serveSite } from './http/site.js';

/** The whole application, migrated and wired, not yet listening. */
export async function createApp(asked: Config, clock: Clock): Promise<NestFastifyApplication> {
  const config = { ...asked, demo: await isDemo(asked) };
  const app = await NestFactory.create<NestFastifyApplication>(
    AppModule.of(config, clock),
    new FastifyAdapter(serverOptions),
    { bufferLogs: true, bodyParser: false },
  );
  const fastify = app.getHttpAdapter().getInstance();
  watchDoors(fastify, config);
  limitBodies(fastify);
  onlyJson(fastify);
  app.useLogger(app.get(Logger));
  app.enableShutdownHooks();
  await app.register(cookie);
  await app.register(compress);
  await app.register(helmet, {
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        // The solver is WebAssembly, served from here; nothing else may be evaluated.
        scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
        // The component library writes its styles into the page.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
        upgradeInsecureRequests: null,
      },
    },
  });
  if (config.docs) {
    const options = {
      jsonDocumentUrl: 'api/openapi.json',
      customSiteTitle: 'Nadir: the API',
      // The page's own bar holds its maker's mark and nothing of use.
      customCss: '.swagger-ui .topbar { display: none }',
    };
    const { SwaggerModule } = await import('@nestjs/swagger');
    SwaggerModule.setup('api/docs', app, openApiDocument(), options);
  }
  if (config.web !== undefined) await serveSite(app, config.web);
  return app;
}

/**
 * Migrates, and says whether what stands there is the demo: a database is
 * opened as what it holds, whatever was asked for, so that nobody is locked out
 * of it.
 */
async function isDemo({ databaseUrl, demo }: Config): Promise<boolean> {
  const knex = connect(databaseUrl, 'patient');
  try {
    await waitForDatabase(knex);
    await migrate(knex);
    const held = await keptMode(knex);
    return held === undefined ? demo : held === 'demo';
  } finally {
    await knex.destroy();
  }
}
