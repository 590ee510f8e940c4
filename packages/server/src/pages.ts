/** Serves the built pages: files with a fingerprint for good, the shell fresh, every page address by the shell. */
import compression from 'compression';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const built = fileURLToPath(new URL('../../web/dist', import.meta.url));

/** Adds the pages to the server, when they have been built. */
export function servePages(app: Express): void {
  app.use(compression());
  if (!existsSync(join(built, 'index.html'))) return;
  app.use(
    express.static(built, {
      index: false,
      setHeaders: (response, path) => {
        response.setHeader(
          'Cache-Control',
          /\/assets\//.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    }),
  );
  app.use((request: Request, response: Response, next: NextFunction) => {
    const page =
      (request.method === 'GET' || request.method === 'HEAD') &&
      !/^\/(api|live|assets)\//.test(request.path) &&
      request.accepts(['html', 'json']) === 'html';
    if (!page) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile('index.html', { root: built });
  });
}
