/**
 * Looks every so often whether the sessions of open wires still last. A session that is ended hangs up its wires at
 * once; this is for what no process was told of: another process ended it while Redis was away, or a backup was put back.
 */
import { Injectable, Logger, type OnApplicationBootstrap, type OnModuleDestroy } from '@nestjs/common';
import { LiveService } from '../run/live/live.service.js';
import { SessionsService } from './sessions.service.js';

const every = 10_000;

@Injectable()
export class SessionWatch implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger('sessions');
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly live: LiveService,
    private readonly sessions: SessionsService,
  ) {}

  onApplicationBootstrap(): void {
    this.timer = setInterval(() => {
      this.look().catch((error: Error) => this.logger.debug(error.message));
    }, every);
    this.timer.unref();
  }

  onModuleDestroy(): void {
    clearInterval(this.timer);
  }

  /** Hangs up wires whose session is over. @returns how many sessions that were. */
  async look(): Promise<number> {
    const open = this.live.sessionsHere();
    const lasting = await this.sessions.lasting(open);
    const over = open.filter((id) => !lasting.has(id));
    for (const id of over) this.live.dropSession(id);
    return over.length;
  }
}
