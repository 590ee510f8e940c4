/** The server's time: what every record, session and limit goes by. Handed in, so that a test can let it pass. */
import { Injectable } from '@nestjs/common';

@Injectable()
export class Clock {
  now(): Date {
    return new Date();
  }
  /** Milliseconds since 1970, as `Date.now()`. */
  ms(): number {
    return this.now().getTime();
  }
}
