/** Builds the server from a configuration; `main.ts` starts it, tests start it on a port of their own. */
import type { INestApplication } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { apiHeaders } from './api-headers.js';
import { AppModule } from './app.module.js';
import type { Config } from './config/config.js';
import { prepareDatabase } from './backup/prepare-database.js';
import { jsonBody } from './input/json-body.js';
import { LiveAdapter } from './run/live/live.adapter.js';
import { makeLogger, NestLogger, requestLog } from './logging.js';
import { servePages } from './pages.js';

/** The server, its database brought up to date, not yet listening. @throws Error with a sentence for whoever starts it. */
export async function buildServer(config: Config): Promise<INestApplication> {
  const logger = makeLogger(config.KIVEX_LOG);
  await prepareDatabase(config, logger);
  const app = await NestFactory.create(AppModule.with(config), {
    logger: new NestLogger(logger),
    abortOnError: false,
    bodyParser: false,
  });
  const http = app.getHttpAdapter().getInstance() as Express;
  http.disable('x-powered-by');
  http.set('trust proxy', 'loopback');
  app.use(requestLog(logger));
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // The solver is WebAssembly; no text is ever run as code.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          // Chakra's styles go in rule by rule through the style sheet interface, into style elements that are
          // empty as written: the hash is that of the empty text, so nothing inline can carry a style.
          styleSrc: ["'self'", "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='"],
          imgSrc: ["'self'", 'data:'],
          connectSrc: ["'self'"],
          fontSrc: ["'self'"],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      // Only https hosts may promise https; on a school's plain-http network it would lock devices out.
      strictTransportSecurity: config.KIVEX_SECURE,
      crossOriginOpenerPolicy: config.KIVEX_SECURE,
      originAgentCluster: config.KIVEX_SECURE,
    }),
  );
  http.use(apiHeaders);
  // Sheets come as the bytes they are.
  http.use(/^\/api\/bench\/photos/, express.raw({ type: 'application/octet-stream', limit: '300kb' }));
  http.use(
    /^\/api\/(store|classes|exchange)/,
    express.raw({ type: 'application/octet-stream', limit: '2mb' }),
  );
  http.use(jsonBody());
  servePages(http);
  app.useWebSocketAdapter(new LiveAdapter(app, config.KIVEX_REDIS_URL));
  const described = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Kivex')
      .setDescription('Every request that changes something carries the header X-Kivex: 1.')
      .build(),
  );
  http.get('/api/openapi.json', (_request, response) => void response.json(described));
  return app;
}
