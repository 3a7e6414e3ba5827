import compress from '@fastify/compress';
import cookie from '@fastify/cookie';
import helmet from '@fastify/helmet';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { SwaggerModule } from '@nestjs/swagger';
import { Logger } from 'nestjs-pino';
import { AppModule } from './app.module.js';
import type { Clock } from './clock/clock.js';
import type { Config } from './config/config.js';
import { connect } from './database/knex.js';
import { migrate } from './database/migrate.js';
import { openApiDocument } from './http/openapi.js';
import { serveSite } from './http/site.js';

/** A mebibyte: the largest block file is a tenth of it. */
const BODY_LIMIT = 1024 * 1024;

/** The whole application, migrated and wired, not yet listening. */
export async function createApp(config: Config, clock: Clock): Promise<NestFastifyApplication> {
  const knex = connect(config.databaseUrl);
  await migrate(knex).finally(() => knex.destroy());

  const adapter = new FastifyAdapter({ bodyLimit: BODY_LIMIT });
  const app = await NestFactory.create<NestFastifyApplication>(
    AppModule.of(config, clock),
    adapter,
    {
      bufferLogs: true,
    },
  );
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
  SwaggerModule.setup('api/docs', app, openApiDocument(), { jsonDocumentUrl: 'api/openapi.json' });
  if (config.web !== undefined) await serveSite(app, config.web);
  return app;
}
