/** Socket.IO on the same port, same origin only; several processes meet through Redis when it is set. */
import type { INestApplicationContext } from '@nestjs/common';
import { IoAdapter } from '@nestjs/platform-socket.io';
import { createAdapter } from '@socket.io/redis-adapter';
import { Redis } from 'ioredis';
import type { Server, ServerOptions } from 'socket.io';

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

export class LiveAdapter extends IoAdapter {
  private redis: Redis[] = [];

  constructor(
    app: INestApplicationContext,
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
    } as ServerOptions) as Server;
    if (this.redisUrl) {
      const pub = new Redis(this.redisUrl);
      const sub = pub.duplicate();
      this.redis = [pub, sub];
      server.adapter(createAdapter(pub, sub));
    }
    return server;
  }

  override async close(server: Server): Promise<void> {
    await super.close(server);
    this.redis.forEach((client) => client.disconnect());
  }
}
