/** Structured logs on standard error: what was asked and how it went, never names, answers, queries or bodies. */
import type { LoggerService } from '@nestjs/common';
import { pino, type Logger } from 'pino';
import { pinoHttp } from 'pino-http';

export const makeLogger = (level: string): Logger => pino({ level }, pino.destination(2));

/** Nest's own messages through pino. */
export class NestLogger implements LoggerService {
  constructor(private readonly pino: Logger) {}
  log(message: unknown, context?: string): void {
    this.pino.debug({ context }, String(message));
  }
  error(message: unknown, ...rest: unknown[]): void {
    this.pino.error({ context: rest.at(-1) }, String(message));
  }
  warn(message: unknown, context?: string): void {
    this.pino.warn({ context }, String(message));
  }
  debug(message: unknown, context?: string): void {
    this.pino.debug({ context }, String(message));
  }
}

/** A line for each request to the API: method, path without its query, status, milliseconds. */
export const requestLog = (logger: Logger) =>
  pinoHttp({
    logger,
    autoLogging: {
      ignore: (request) => !request.url?.startsWith('/api/') || request.url.startsWith('/api/health'),
    },
    customLogLevel: (_request, response) =>
      response.statusCode >= 500 ? 'error' : response.statusCode >= 400 ? 'info' : 'debug',
    serializers: {
      req: (request: { method: string; url: string }) => ({
        method: request.method,
        path: request.url.split('?')[0],
      }),
      res: (response: { statusCode: number }) => ({ status: response.statusCode }),
    },
  });
