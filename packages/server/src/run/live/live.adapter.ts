/** Socket.IO on the same port, same origin only; several processes meet through Redis when it is set. */
import { Logger, type INestApplicationContext } from '@nestjs/common';
import { IoAdapter } from '@nestjs/platform-socket.io';
import { createAdapter } from '@socket.io/redis-adapter';
import { Redis } from 'ioredis';
import type { Server, ServerOptions } from 'socket.io';
import { LiveService } from './live.service.js';

/** Milliseconds for another process to answer, and between tries to reach Redis at most. */
const requestsTimeout = 3_000;
const longestPause = 2_000;

/** A page of another origin may not open a socket with our cookies. */
const sameOrigin: ServerOptions['allowRequest'] = (request, decide) => {
  const { origin, host } = request.headers;
  if (!origin) return decide(null, true);
  try {
    decide(
      null,
      new URL(origin).host === host || new URL(origin).host === request.headers['x-forwarded-host'],
    );
  } catch {
    decide(null, false);
  }
};

/**
 * A connection to Redis whose failures are nobody's concern but its own: the adapter sends and does not look back, so
 * what fails must not come up as an unhandled rejection. That processes are apart is told by `LiveService`.
 */
class ToRedis extends Redis {
  override sendCommand(...args: Parameters<Redis['sendCommand']>): unknown {
    const sent = super.sendCommand(...args);
    if (sent instanceof Promise) sent.catch(() => undefined);
    return sent;
  }
}

export class LiveAdapter extends IoAdapter {
  private redis: Redis[] = [];

  constructor(
    private readonly app: INestApplicationContext,
    private readonly redisUrl: string | undefined,
  ) {
    super(app);
  }

  override createIOServer(port: number, options?: ServerOptions): Server {
    const server = super.createIOServer(port, {
      ...options,
      path: '/live',
      serveClient: false,
      allowRequest: sameOrigin,
      maxHttpBufferSize: 300_000,
      // A wire that is dead is known within seconds, so that no board calls itself live over one.
      pingInterval: 10_000,
      pingTimeout: 8_000,
    } as ServerOptions) as Server;
    if (this.redisUrl) this.meet(server, this.redisUrl);
    return server;
  }

  private meet(server: Server, url: string): void {
    const options = {
      retryStrategy: (times: number) => Math.min(longestPause, 100 * times),
      // Nothing is given up: it is sent when Redis is back, or the whole record is asked for.
      maxRetriesPerRequest: null,
    };
    const pub = new ToRedis(url, { ...options, enableOfflineQueue: false });
    const sub = new ToRedis(url, options);
    this.redis = [pub, sub];
    const live = this.app.get(LiveService);
    const logger = new Logger('redis');
    const look = () => live.setJoined(pub.status === 'ready' && sub.status === 'ready');
    for (const client of this.redis) {
      client.on('error', (error: Error) => logger.debug(error.message));
      client.on('ready', look);
      client.on('close', look);
    }
    live.shared = true;
    live.setJoined(false);
    server.adapter(createAdapter(pub, sub, { requestsTimeout }));
  }

  override async close(server: Server): Promise<void> {
    await super.close(server);
    this.redis.forEach((client) => client.disconnect());
  }
}
