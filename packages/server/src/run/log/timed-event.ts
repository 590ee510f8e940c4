/** An entry checked and put in time by the server's clock. */
import type { StudentBody } from '@kivex/core';

export interface TimedEvent {
  readonly id: string;
  /** By the server's clock. */
  readonly at: Date;
  /** By the device's. */
  readonly deviceAt: Date;
  readonly body: StudentBody;
}
